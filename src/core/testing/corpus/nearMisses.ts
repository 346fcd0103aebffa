// What looks like a part and is none: the title is the whole sentence.
import { lines } from './lines'

export const nearMisses = lines(`
print the friday list
call the 3 o'clock client
plan 5 minutes of silence for Anna
watch the last 20 minutes
buy a 2 hour candle
sign the may contract
read the sunday paper
fix the monday bug
find the by-laws
learn the march by heart
order the 20 min timer
write about the day before tomorrow
buy a desk
mend the phone
sweep under the desk
order a second phone line
ask what the ward round was like
call 5 clients
carry 3 hours of batteries
paint the 12 by 8 frame
count 20 min tablets
read chapter 3 of may
pick the april fools joke
book the wednesday hall
cook the sunday roast
move the tuesday meeting
cancel the thursday class
ask about the friday night shift
write the weekly letter
read the daily news
check the monthly figures
print the quarterly report
clean every window
read every page twice
ask each child
thank everyone for every day
find out why every monday is slow
describe the week in pictures
compare this week with last week
read about the middle of the year
walk to the end of the road
find the end of the tape
learn the beginning of the song
meet halfway
stand by the door
pay by card
go by train
travel by night
send it by post
written by April Jones
ask by whom it was made
go for a walk
wait for the rain
look for 3 keys
order for 40 guests
cook for 6
set the table for 8
buy shoes for may
plan for the weekend
think about next year
dream about someday
write a song called someday
play Monday Monday
order from Friday Street
walk down May Street
meet at the end
look at 10 houses
aim at 9 points
work at night
glance at noon prices
laugh at 3 jokes
look at tomorrow's list
check yesterday's post
fold today's towels
plan Sunday's lunch
ask for friday's figures
find friday's notes
note the noon bell
study the night sky
see the morning light
paint the evening scene
write for the evening paper
buy morning glory seeds
find a soon-to-be mother
get well soon
turn on the light
carry the light box
paint it light grey
lift with a light touch
make a deep pan pizza
dig a deep hole
learn to play deep
explain the must haves
this is a must
buy must for the wine
say what you could
ask if she could come
you should rest
he said he should be there
count the minutes
read the minutes of the meeting
send the minutes
wait a minute
give it an hour or so
in no time
in the hour of need
reply within reason
keep within 2 metres
stay within the lines
order 5 m of cable
buy 3 h pencils
cut 20 mm off
drill a 5 min hole
find version 1.2.
read pages 3-4
count 31/31
mix 3/4 of a cup
cut the board to 3/4
play in 4/4
tune to 440
set the oven to 180
phone number 14 30 22
find room 14.30
use paragraph 9.15
read psalm 23
sing hymn 12
call extension 17
open gate 20
take bus 15
print at 300 dpi
weigh 20 kg of flour
before lunch
look before you leap
not before time
after eight mints
ask after Mum's health
until we meet again
read until the end
since when is it red
ask since when
list things since monday
chase the cat
chase after the bus
remind me of the sea
remind them of the rules
remind Tom that he owes
remember remember
learn about reminders
repeat the chorus
again and again
twice weekly
three times a day
sing three times
knock twice
read it 10 times
do it one more time
every cloud
each to their own
once upon a time
once in a while
one day at a time
any day now
some day soon they will see
a day in the life
the day of the fair
the first day of school
the last day of the fair
on the last day we sing
monday is quiet
friday prayers
tomorrow is a holiday
today is a good day
next week and the week after
next to the church
this week's menu
in a week of rain
in 3 parts
in two minds
in the year 40000
in may we trust
may I ask
may be late
march on
sun cream
sat on the fence
wed at last
find where the cat sat
read in the sun
see who wed whom
mon repos sign
a colon: one thing
note: call, then write
Re: offer, figures
write a "by friday" sign
find out who says "20 min phone"
print "closed on monday" twice
read "Tomorrow at 3" aloud
"every friday" is the title
count every friday in may
ask who works tomorrow's late
find the this week magazine
buy the weekend edition
hold the 5 minute briefing
run the 10 mile loop
mix by hand
sort by date
arrange by the hour glass
look on the bright side
buy on account
put it on hold
set it at an angle
ring the bell at the gate
leave it at the desk drawer
meet the man of the hour
den Vermieter bis Freitag anrufen, 20 min
acheter du pain pour demain
llamar a la oficina el lunes, phone
ringa till mamma på fredag
de huur betalen voor vrijdag
позвонить маме by friday
`)
