// What is said at home, by a photographer and in a shop; and parts in every place of a sentence.
import { lines } from './lines'

export const saidAtHome = lines(`
ring Mum on sunday | ring Mum | mum d0315
buy milk today | buy milk | today
dentist friday at 9:20 | dentist | at0313@09:20
pay the gas by the 25th | pay the gas | by0325
water the plants every sunday | water the plants | rep:FREQ=WEEKLY;BYDAY=SU
take the bins out every wednesday evening | take the bins out | rep:FREQ=WEEKLY;BYDAY=WE@19:00
book the boiler service by the end of the month | book the boiler service | by0331
tomorrow buy a card for Anna | buy a card for Anna | d0312
clean the windows at the weekend | clean the windows | d0314
wash the car this saturday | wash the car | d0314
ask Mum tomorrow about easter | ask Mum about easter | mum d0312
fix the tap, house, 30 min | fix the tap | house 30m
renew the passport by 1 may | renew the passport | by0501
vet tomorrow at half past four with the cat | vet with the cat | at0312@16:30
pick up the parcel, errands, 10 min | pick up the parcel | errands 10m
swimming lesson every saturday at 9:30 | swimming lesson | rep:FREQ=WEEKLY;BYDAY=SA@09:30
bake the cake on friday for the school fair | bake the cake for the school fair | d0313
return the drill to Tom next monday | return the drill to Tom | d0316
cancel the paper from 1 april | cancel the paper from 1 april |
fold the leaflets today | fold the leaflets | today
descale the kettle every 6 weeks | descale the kettle | rep:FREQ=WEEKLY;INTERVAL=6
haircut 14:30 tomorrow | haircut | at0312@14:30
remind me to call the school at 3 | call the school | rem:minutesBefore0 at@15:00
pack the bags by thursday evening | pack the bags | by0312@21:00
drop the keys off tomorrow before work | drop the keys off before work | d0312
tidy the loft, someday, light | tidy the loft | someday light
plan the holiday this week, 1 hour | plan the holiday | week 60m
order the school shoes by saturday | order the school shoes | by0314
make the dentist appointment, phone | make the dentist appointment | phone
thursday 20:00 book club | book club | at0312@20:00
photograph the bakery tomorrow at 7am before it opens | photograph the bakery before it opens | at0312@07:00
edit the wedding set by 20 march, 4 hours, deep | edit the wedding set | by0320 240m deep
send the gallery link to the couple on monday | send the gallery link to the couple | d0316
charge the batteries tonight | charge the batteries | today
back up the cards every evening | back up the cards | rep:FREQ=DAILY@19:00
clean the sensor, 20 min, desk | clean the sensor | 20m desk
quote the estate agent by noon | quote the estate agent | by0311@12:00
scout the harbour at the weekend with Davit | scout the harbour with Davit | d0314 davit
call the venue on friday at 10 about the light | call the venue about the light | at0313@10:00
invoice the magazine within 3 days | invoice the magazine | by0314
update the website, low energy, 40 min | update the website | light 40m
renew the studio lease not before june | renew the studio lease | nb0601
rent the long lens for the spring concert | rent the long lens | concert
print the portraits by thursday next week? no, by friday | print the portraits by thursday next week? no | by0313
shoot the team on 18 march at 13:00 | shoot the team | at0318@13:00
sort the contracts, 15 min, light | sort the contracts | 15m light
write captions by tomorrow evening | write captions | by0312@21:00
fix the tripod in the workshop | fix the tripod | workshop
deliver the album next friday | deliver the album | d0320
post three pictures every week | post three pictures | rep:FREQ=WEEKLY
open the shop at 9 on saturday | open the shop | at0314@09:00
stocktake on sunday, 3 hours | stocktake | d0315 180m
order paper bags by wednesday | order paper bags | by0318
ring the supplier tomorrow about the late boxes | ring the supplier about the late boxes | d0312
change the window every second monday | change the window | rep:FREQ=WEEKLY;INTERVAL=2;BYDAY=MO
count the till every evening at 18:00 | count the till | rep:FREQ=DAILY@18:00
pay the rent every month on the 1st, must | pay the rent | rep:FREQ=MONTHLY;BYMONTHDAY=1 must
price the cards, 30 min | price the cards | 30m
meet the rep on tuesday between 10 and 11 | meet the rep | at0317@10:00+60
put up the summer sign not before may | put up the summer sign | nb0501
bank the takings on friday, errands | bank the takings | d0313 errands
write the newsletter by the 15th, 1 hour | write the newsletter | by0315 60m
ask Brigitte about the poster in a week | ask Brigitte about the poster | brigitte d0318
check the smoke alarm every month | check the smoke alarm | rep:FREQ=MONTHLY
interview for the saturday job on monday at 16:30 | interview for the saturday job | at0316@16:30
send the order today before 5pm | send the order | by0311@17:00 today
this afternoon ring the landlord about the roof | ring the landlord about the roof | at0311@14:00
clear the back room someday | clear the back room | someday
design the loyalty card this week | design the loyalty card | week
remind me tomorrow 7:30, bring change | bring change | rem:at2026-03-12,07:30
draft the tender for the harbour street kitchen by friday | draft the tender | kitchen by0313
measure again for harbour street kitchen tomorrow | measure again | kitchen d0312
choose tiles for Harbour Street kitchen, 20 min, this week | choose tiles | kitchen 20m week
order the sink by 20 march for harbour street kitchen | order the sink | by0320 kitchen
tax return: collect the slips, by 30 march | collect the slips | tax by0330
plant bulbs, garden, saturday | plant bulbs | garden d0314
phone, 5 min, cancel the skip | cancel the skip | phone 5m
desk: sort the drawings, 30 min | sort the drawings | desk 30m
at 10:30 ring the surveyor | ring the surveyor | at@10:30
on the 20th pay the plumber | pay the plumber | d0320
before noon send the sketches | send the sketches | by0311@12:00
within a week answer the council | answer the council | by0318
next monday start the new bathroom | start the new bathroom | d0316
today ring the skip firm about the gate | ring the skip firm about the gate | today
every morning check the oven | check the oven | rep:FREQ=DAILY@09:00
every weekday at 8 open the post | open the post | rep:FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR@08:00
tomorrow at 3 meet Davit at the yard | meet Davit at the yard | at0312@15:00 davit
friday 3pm haircut for Sam | haircut for Sam | at0313@15:00
half an hour tidy the van | tidy the van | 30m
2 hours draw the elevation | draw the elevation | 120m
5 min water the basil | water the basil | 5m
tomorrow morning bake the rolls | bake the rolls | at0312@09:00
on friday evening call Priya about the move | call Priya about the move | at0313@19:00 priya
by noon order the flowers | order the flowers | by0311@12:00
by the end of april repaint the gate | repaint the gate | by0430
in two weeks check the damp patch | check the damp patch | d0325
this evening write to Anna | write to Anna | at0311@19:00
at the weekend clear the gutters | clear the gutters | d0314
not before monday ring the bank again | ring the bank again | nb0316
someday learn to weld | learn to weld | someday
write to the council on monday about the bins | write to the council about the bins | d0316
send Priya tomorrow the signed form | send Priya the signed form | d0312
talk on friday with the team about the summer | talk with the team about the summer | d0313
email the printer by thursday with the new logo | email the printer with the new logo | by0312
meet Brigitte at noon in the market | meet Brigitte in the market | brigitte at@12:00
call the surgery at 8am about the results | call the surgery about the results | at@08:00
ring the bank next week about the loan | ring the bank about the loan | d0316
see the accountant on 24 march about the car | see the accountant about the car | d0324
visit the site every tuesday with the foreman | visit the site with the foreman | rep:FREQ=WEEKLY;BYDAY=TU
practise 20 minutes with the metronome | practise with the metronome | 20m
speak to Davit for 10 minutes about the price | speak to Davit about the price | davit 10m
ask the school by friday about the bus | ask the school about the bus | by0313
book a table at 7pm for the team | book a table for the team | at@19:00
discuss the plan tomorrow at quarter past two with Davit | discuss the plan with Davit | at0312@14:15 davit
collect the cake on saturday at 11 from the bakery | collect the cake from the bakery | at0314@11:00
write every sunday to the grandparents | write to the grandparents | rep:FREQ=WEEKLY;BYDAY=SU
check in 3 days with the plumber | check with the plumber | d0314
remind Davit on monday about the keys | remind Davit about the keys | davit d0316
deliver the chairs on friday morning to the hall | deliver the chairs to the hall | at0313@09:00
order by wednesday from the mill | order from the mill | by0318
test the alarm today with the neighbours | test the alarm with the neighbours | today
phone the vet this afternoon about the dog | phone the vet about the dog | at0311@14:00
photograph the door tomorrow for the brochure | photograph the door for the brochure | d0312
thank Priya by sunday for the flowers | thank Priya for the flowers | priya by0315
pay the window cleaner on friday when he comes | pay the window cleaner when he comes | d0313
measure the alcove tomorrow before the fitter comes | measure the alcove before the fitter comes | d0312
chase the estate agent on thursday if nothing came | chase the estate agent if nothing came | d0312
try the recipe at the weekend without butter | try the recipe without butter | d0314
ring back at half two about the fence | ring back about the fence | at@14:30
finish the shelf tonight and sweep up | finish the shelf and sweep up | today
draw the plan on monday and send it to Davit | draw the plan and send it to Davit | d0316 davit
call the garage tomorrow again | call the garage again | d0312
go to the bank on thursday instead | go to the bank instead | d0312
look at the boiler this week please | look at the boiler please | week
send the deposit by friday too | send the deposit too | by0313
order seeds by the end of march via the co-op | order seeds via the co-op | by0331
prepare the talk, 40 min, by thursday, desk | prepare the talk | 40m by0312 desk
answer Priya's letter, today, 15 min | answer Priya's letter | today 15m
repair the gate, saturday, 2 hours, workshop | repair the gate | d0314 120m workshop
buy paint, errands, friday, 20 min | buy paint | errands d0313 20m
must: send the tax form by friday | send the tax form | must by0313
prepare slides by monday 9:00, deep, 2 h, must | prepare slides | by0316@09:00 deep 120m must
check the meter on the 15th and 30th of every month | check the meter | rep:FREQ=MONTHLY;BYMONTHDAY=15,30
service the lathe every 6 months | service the lathe | rep:FREQ=MONTHLY;INTERVAL=6
water the cactus every 10 days | water the cactus | rep:FREQ=DAILY;INTERVAL=10
pay the nursery every month on the 28th | pay the nursery | rep:FREQ=MONTHLY;BYMONTHDAY=28
do the accounts every last friday of the month | do the accounts | rep:FREQ=MONTHLY;BYDAY=-1FR
clean the coffee machine every two weeks | clean the coffee machine | rep:FREQ=WEEKLY;INTERVAL=2
ring the grandparents every sunday at 17:00 | ring the grandparents | rep:FREQ=WEEKLY;BYDAY=SU@17:00
change the filter every 3 months after it is done | change the filter | rep:FREQ=MONTHLY;INTERVAL=3!done
yoga every tuesday and thursday at 7am | yoga | rep:FREQ=WEEKLY;BYDAY=TU,TH@07:00
team call every weekday at 9:15 | team call | rep:FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR@09:15
send the hours monthly on the last working day | send the hours | rep:FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1
sweep the yard weekly | sweep the yard | rep:FREQ=WEEKLY
empty the dehumidifier daily | empty the dehumidifier | rep:FREQ=DAILY
water the lawn on mondays and thursdays | water the lawn | rep:FREQ=WEEKLY;BYDAY=MO,TH
renew the parking permit yearly on 4 july | renew the parking permit | rep:FREQ=YEARLY;BYMONTH=7;BYMONTHDAY=4
physio every monday until 1 june | physio | rep:FREQ=WEEKLY;BYDAY=MO;UNTIL=20260601
take the tablets daily for 10 times | take the tablets | rep:FREQ=DAILY;COUNT=10
send the offer, remind me in 2 hours | send the offer | rem:at2026-03-11,12:00
leave for the airport at 14:00 tomorrow, remind me 2 hours before | leave for the airport | at0312@14:00 rem:minutesBefore120
pay the fine by 1 april, remind me 3 days before | pay the fine | by0401 rem:daysBefore3
ring the clinic, remind me on monday at 8:30 | ring the clinic | rem:at2026-03-16,08:30
take the bread out in 20 minutes | take the bread out | at0311@10:20
call Davit in an hour | call Davit | davit at0311@11:00
lock up at midday | lock up | at@12:00
interview at 3 o'clock on friday | interview | at0313@15:00
train at ten past eight tomorrow | train | at0312@08:10
lunch with Brigitte tomorrow at noon | lunch with Brigitte | brigitte at0312@12:00
drinks friday night | drinks | at0313@20:00
the plumber comes on tuesday from 8 to 10 | the plumber comes | at0317@08:00+120
hand in the form by close of business | hand in the form | by0311
send the minutes by end of day | send the minutes | by0311
decide about the van by the middle of april | decide about the van | by0415
paint the fence at the end of next month | paint the fence | d0430
finish the report by the end of this week | finish the report | by0313
order logs a week on friday | order logs | d0320
visit Anna tomorrow week | visit Anna | d0319
check the traps the day after tomorrow | check the traps | d0313
first thing tomorrow call the roofer | call the roofer | at0312@09:00
review the contract first thing on monday | review the contract | at0316@09:00
write up the notes, about 30 minutes | write up the notes | 30m
walk the boundary, roughly 2 hours | walk the boundary | 120m
prepare the room, quarter of an hour | prepare the room | 15m
tune the harp, 1.5 hours | tune the harp | 90m
check the proofs, 1 h 15 | check the proofs | 75m
gym for 45 minutes | gym | 45m
read the lease (40 min) | read the lease | 40m
sort the screws (workshop, 15 min) | sort the screws | workshop 15m
ring Priya (by friday) | ring Priya | priya by0313
reply to the council - thursday, 20 min | reply to the council | d0312 20m
cut the glass — workshop — 40 min | cut the glass | workshop 40m
waiting for Davit's measurements since monday, chase friday | waiting for Davit's measurements | waitingdavit since0309 chase0313
waiting for Ana to send the drawings by friday | waiting for Ana to send the drawings | waiting:Ana by0313
chase the drawings, waiting for Davit since monday | chase the drawings | waitingdavit since0309
photo of the dog, waiting for Davit's ball | photo of the dog, waiting for Davit's ball | waitingdavit
waiting for the permit, chase in two weeks | waiting for the permit | waiting:the permit chase0325
read https://example.org/oak about oak, 10 min | read about oak | 10m link:https://example.org/oak
send the keys back by registered post on friday | send the keys back by registered post | d0313
ask the joiner tomorrow for a price | ask the joiner for a price | d0312
ring the council tomorrow morning about the skip | ring the council about the skip | at0312@09:00
sketch the hall table, thursday, 1 hour, workshop | sketch the hall table | d0312 60m workshop
bring the ladder back on saturday | bring the ladder back | d0314
check the damp on monday and photograph it | check the damp and photograph it | d0316
by 9am call the locksmith | call the locksmith | by0311@09:00
oil the bandsaw every month once done | oil the bandsaw | rep:FREQ=MONTHLY!done
visit the mill by the end of march with Davit | visit the mill with Davit | by0331 davit
post the parcel to Anna on thursday, errands | post the parcel to Anna | d0312 errands
reply to the landlord's email by tomorrow | reply to the landlord's email | by0312
choose the carpet at the weekend with Mum | choose the carpet with Mum | d0314 mum
sort the seed box someday, light, 20 min | sort the seed box | someday light 20m
call the tax office on 2 april at 9 about the refund | call the tax office about the refund | at0402@09:00
pick up kids at 3:15 today | pick up kids | at0311@15:15
pick up the kids 15:15 | pick up the kids | at@15:15
Tuesday: dentist at 9 | dentist | d0317 at@09:00
dentist Tuesday at nine | dentist | at0317@09:00
every first of the month send the invoices | send the invoices | rep:FREQ=MONTHLY;BYMONTHDAY=1
on the first of every month send invoices | send invoices | rep:FREQ=MONTHLY;BYMONTHDAY=1
on weekdays walk the dog at 7 | walk the dog | rep:FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR at@07:00
tonight at 8 call Priya | call Priya | priya at0311@20:00
read for half an hour before bed | read before bed | 30m
ring the clinic on Monday morning at 9 | ring the clinic | at0316@09:00
waiting for Priya's answer since last Friday | waiting for Priya's answer | waitingpriya since0306
swimming with Anna Saturday 10 to 11 | swimming with Anna | at0314@10:00+60
meeting tomorrow 2-3pm with Davit | meeting with Davit | at0312@14:00+60 davit
get 3 quotes by next Wednesday | get 3 quotes | by0318
Could you ring Davit on Thursday? | Could you ring Davit? | davit d0312
I need to send the invoice by Friday | I need to send the invoice | by0313
deadline friday: the grant | the grant | by0313
15 min stretch every morning | stretch | 15m rep:FREQ=DAILY@09:00
high energy, write the pitch | write the pitch | deep
plan the garden party, should, 25 min | plan the garden party | should 25m
`)
