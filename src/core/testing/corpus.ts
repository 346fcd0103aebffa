// Sentences as people say them, from ten kinds of work and from home, said on Wednesday 11 March 2026 at 10:00. Each line:
// what is said | the title that is left | what is understood, in codes: d0312 a day, by0313@17:00 due, at0312@14:30+60 fixed
// (at@14:30 without a day), nb0501 not before, 20m minutes, week and someday horizons, rep: a rule, rem: a reminder; names as they are.
// Near misses have words that look like a part and are none: the title is the whole sentence.
import { makeNameIndex, type Name } from '../sentence'

const name = (id: string, text: string): Name => ({ id: id as Name['id'], name: text })

export const corpusNames = makeNameIndex([
  name('context:phone', 'Phone'),
  name('context:desk', 'Desk'),
  name('context:workshop', 'Workshop'),
  name('context:errands', 'Errands'),
  name('context:ward', 'Ward'),
  name('project:kitchen', 'Harbour Street kitchen'),
  name('project:concert', 'Spring concert'),
  name('project:tax', 'Tax return'),
  name('area:garden', 'Garden'),
  name('area:house', 'House'),
  name('person:davit', 'Davit'),
  name('person:brigitte', 'Brigitte'),
  name('person:priya', 'Priya Nair'),
  name('person:mum', 'Mum'),
])

const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')

/** A part at the beginning, in the middle, at the end, or several of them. */
export const corpusSaid: readonly string[] = lines(`
ring Davit tomorrow about the swell box | ring Davit about the swell box | davit d0312
order oak for the stairs by friday | order oak for the stairs | by0313
tomorrow measure up at the Larches | measure up at the Larches | d0312
sharpen the plane irons on saturday morning | sharpen the plane irons | at0314@09:00
send the quote for the sash windows by 5pm tomorrow | send the quote for the sash windows | by0312@17:00
fit the worktop at the Larches on monday at 8 | fit the worktop at the Larches | at0316@08:00
20 min sweep the workshop floor | sweep the workshop floor | 20m
ask Davit on thursday about the hinges | ask Davit about the hinges | davit d0312
glue up the drawer fronts, workshop, 2 hours | glue up the drawer fronts | workshop 120m
collect the van next tuesday at half past two | collect the van | at0317@14:30
not before May oil the garden bench | oil the garden bench | nb0501
pay the timber yard within two weeks | pay the timber yard | by0325
every friday tidy the van | tidy the van | rep:FREQ=WEEKLY;BYDAY=FR
invoice the Larches at the end of the month | invoice the Larches | d0331
meet the architect tomorrow at 3pm in the hall | meet the architect in the hall | at0312@15:00
text Davit at noon about the delivery | text Davit about the delivery | davit at@12:00
draw the staircase, an hour and a half, deep | draw the staircase | 90m deep
sand the table tomorrow from 10 to 12 | sand the table | at0312@10:00+120
order hinges tomorrow, 10 min, phone | order hinges | d0312 10m phone
check the moisture meter every month on the 1st | check the moisture meter | rep:FREQ=MONTHLY;BYMONTHDAY=1
write the estimate by monday for the shop front | write the estimate for the shop front | by0316
look at the cracked sill this week | look at the cracked sill | week
varnish the door on the 20th | varnish the door | d0320
remind me at 4 to lock up | lock up | rem:at2026-03-11,16:00
build a workbench someday | build a workbench | someday
by friday send the drawings to the mill | send the drawings to the mill | by0313
ring the glazier at quarter to ten | ring the glazier | at@09:45
hang the doors next week with the apprentice | hang the doors with the apprentice | d0316
price the bookcase by 15.12 | price the bookcase | by1215
cut the skirting on 20/3 | cut the skirting | d0320
replan the ward rota by sunday | replan the ward rota | by0315
check the crash trolley every monday at 7:30 | check the crash trolley | rep:FREQ=WEEKLY;BYDAY=MO@07:30
ring pharmacy about the stock at 14:00 | ring pharmacy about the stock | at@14:00
hand over to nights tonight at 8pm | hand over to nights | at0311@20:00
update the care plan for bed six before noon | update the care plan for bed six | by0311@12:00
ask Priya about leave on friday | ask Priya about leave | priya d0313
order gloves, ward, 5 min | order gloves | ward 5m
mandatory training 14:30 tomorrow | mandatory training | at0312@14:30
tomorrow 9.15 dressing change with the family | dressing change with the family | at0312@09:15
read the new falls policy, 30 min | read the new falls policy | 30m
renew registration by the end of april | renew registration | by0430
swap the saturday shift by thursday | swap the saturday shift | by0312
email the matron tomorrow with the audit figures | email the matron with the audit figures | d0312
book the flu clinic, must, 15 minutes | book the flu clinic | must 15m
talk to Priya next thursday about the students | talk to Priya about the students | priya d0319
check the fridge log every day | check the fridge log | rep:FREQ=DAILY
sign off competencies in 3 weeks | sign off competencies | d0401
write the reflection by the end of the week | write the reflection | by0313
order new tunics in a fortnight | order new tunics | d0325
phone infection control at half nine about bay two | phone infection control about bay two | at@09:30
count the controlled drugs twice, ward | count the controlled drugs twice | ward
print the leaflets for the clinic tomorrow morning | print the leaflets for the clinic | at0312@09:00
pick up the pager on friday afternoon | pick up the pager | at0313@14:00
low energy, sort the notice board | sort the notice board | light
send Brigitte the second draft on friday | send Brigitte the second draft | brigitte d0313
translate the brochure by 20 march, 3 hours, deep | translate the brochure | by0320 180m deep
invoice the agency every month on the last day | invoice the agency | rep:FREQ=MONTHLY;BYMONTHDAY=-1
proofread chapter four tomorrow, desk, 90 min | proofread chapter four | d0312 desk 90m
check the glossary with Brigitte on monday | check the glossary with Brigitte | brigitte d0316
deliver the manual by 12:00 on tuesday | deliver the manual | by0317@12:00
ask Brigitte by thursday about the footnotes | ask Brigitte about the footnotes | brigitte by0312
back up the memory every sunday evening | back up the memory | rep:FREQ=WEEKLY;BYDAY=SU@19:00
quote for the contract, 20 minutes, this week | quote for the contract | 20m week
update my rates not before april | update my rates | nb0401
pay the association fee by 1 may, remind me a week before | pay the association fee | by0501 rem:daysBefore7
45min revise the subtitles | revise the subtitles | 45m
look up the tide terms, light, 10 min | look up the tide terms | light 10m
on monday write to the court interpreter | write to the court interpreter | d0316
finish the patent by next friday | finish the patent | by0320
webinar on terminology friday 16:00-17:30 | webinar on terminology | at0313@16:00+90
tidy the desk, some day | tidy the desk | someday
renew the dictionary licence every year on 1 march | renew the dictionary licence | rep:FREQ=YEARLY;BYMONTH=3;BYMONTHDAY=1
call the notary tomorrow at 11 about the stamp | call the notary about the stamp | at0312@11:00
send the sample in 2 days | send the sample | d0313
mark the essays by friday, 2 hours | mark the essays | by0313 120m
print worksheets for year nine tomorrow morning | print worksheets for year nine | at0312@09:00
parents' evening next thursday at 18:00 | parents' evening | at0319@18:00
ask the head about the trip on monday | ask the head about the trip | d0316
plan the chemistry lesson, deep, 1h15 | plan the chemistry lesson | deep 75m
order glue sticks by the end of next week | order glue sticks | by0320
every wednesday set the spelling test | set the spelling test | rep:FREQ=WEEKLY;BYDAY=WE
return the library books on friday | return the library books | d0313
write reports within a fortnight | write reports | by0325
ring the coach firm tomorrow about the seats | ring the coach firm about the seats | d0312
assembly rehearsal friday 9-10.30 | assembly rehearsal | at0313@09:00+90
choose a play for the summer someday | choose a play for the summer | someday
this week tidy the stock cupboard | tidy the stock cupboard | week
photocopy the mocks, 15 min, must | photocopy the mocks | 15m must
email the governors by noon tomorrow | email the governors | by0312@12:00
cover lesson tomorrow at quarter past eleven | cover lesson | at0312@11:15
staff meeting every other tuesday at 15:45 | staff meeting | rep:FREQ=WEEKLY;INTERVAL=2;BYDAY=TU@15:45
mark the mocks at the weekend | mark the mocks | d0314
set the homework every monday and thursday | set the homework | rep:FREQ=WEEKLY;BYDAY=MO,TH
remind me tomorrow at 8 to bring the keys | bring the keys | rem:at2026-03-12,08:00
prune the roses for the garden on saturday | prune the roses | d0314 garden
sow the beans mid april | sow the beans | d0415
feed the tomatoes every 3 days once done | feed the tomatoes | rep:FREQ=DAILY;INTERVAL=3!done
order compost by thursday, errands | order compost | by0312 errands
cut the hedge not before august | cut the hedge | nb0801
mow the lawn every other week | mow the lawn | rep:FREQ=WEEKLY;INTERVAL=2
dig the new bed at the beginning of april | dig the new bed | d0401
water the greenhouse every morning at 7 | water the greenhouse | rep:FREQ=DAILY@07:00
buy twine and netting, errands | buy twine and netting | errands
divide the irises at the end of june | divide the irises | d0630
quote for the terrace at the Grange by monday | quote for the terrace at the Grange | by0316
visit the nursery tomorrow from 10 to 11.30 | visit the nursery | at0312@10:00+90
call Mrs Hale this afternoon about the pond | call Mrs Hale about the pond | at0311@14:00
sharpen the shears, 20 min, workshop | sharpen the shears | 20m workshop
in 3 days turn the compost | turn the compost | d0314
spread mulch next week | spread mulch | d0316
plant out the leeks on 1 june | plant out the leeks | d0601
check the bees on sunday at noon | check the bees | at0315@12:00
mend the barrow, light | mend the barrow | light
send the planting plan to the Grange by 25 march | send the planting plan to the Grange | by0325
choir board first Monday of every month | choir board | rep:FREQ=MONTHLY;BYDAY=1MO
book the church for the spring concert | book the church | concert
rehearse the altos on thursday at 19:30 | rehearse the altos | at0312@19:30
print scores by tuesday for the tenors | print scores for the tenors | by0317
email the soloist tomorrow about her fee | email the soloist about her fee | d0312
tune the piano within a month | tune the piano | by0411
order folders, errands, 10 minutes | order folders | errands 10m
every thursday at 19:30 rehearsal notes | rehearsal notes | rep:FREQ=WEEKLY;BYDAY=TH@19:30
write the programme by the end of april, 2 hours | write the programme | by0430 120m
thank the organist on monday | thank the organist | d0316
ask the vicar about heating by friday please | ask the vicar about heating please | by0313
record the warm-ups, 30 min, deep | record the warm-ups | 30m deep
sing through the Fauré tomorrow evening | sing through the Fauré | at0312@19:00
remind me the day before at 9, concert on 28 march | concert | rem:daysBefore1,09:00 d0328
pay the hall by 1 april | pay the hall | by0401
learn the recorder someday | learn the recorder | someday
count the copies, 5 min | count the copies | 5m
tickets on sale from monday? ask Mum on sunday | tickets on sale from monday? ask Mum | mum d0315
sectional saturday 10-12 | sectional | at0314@10:00+120
post the tour dates by 6pm | post the tour dates | by0311@18:00
file the VAT return by 7 april, must | file the VAT return | by0407 must
reconcile the bank every month on the 3rd | reconcile the bank | rep:FREQ=MONTHLY;BYMONTHDAY=3
pay wages on the last working day of every month | pay wages | rep:FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1
chase the debtors, phone, half an hour | chase the debtors | phone 30m
close the books by month's end | close the books | by0331
send the accounts for signature tomorrow at 10 | send the accounts for signature | at0312@10:00
ring the tax office at 8.30 about the code | ring the tax office about the code | at@08:30
scan the receipts, 20 min, tax return | scan the receipts | 20m tax
quarterly review on 15 april at 14:00 | quarterly review | at0415@14:00
check the payroll tomorrow with Priya | check the payroll with Priya | d0312 priya
audit plan by the end of the year | audit plan | by1231
draft the letter to the bank before friday | draft the letter to the bank | by0312
meet the new client on 24/3 at 11 | meet the new client | at0324@11:00
renew the insurance every year on 5 june | renew the insurance | rep:FREQ=YEARLY;BYMONTH=6;BYMONTHDAY=5
read the budget notes this week, 45 min | read the budget notes | week 45m
update the forecast every quarter | update the forecast | rep:FREQ=MONTHLY;INTERVAL=3
by tomorrow 17:00 upload the payslips | upload the payslips | by0312@17:00
shred the old files, someday | shred the old files | someday
submit the claim no later than friday | submit the claim | by0313
call Davit back at 4 about the invoice | call Davit back about the invoice | davit at@16:00
revise chapter two by the end of may, deep, 3 hours | revise chapter two | by0531 deep 180m
read the Halloran paper, 1 hour | read the Halloran paper | 60m
lab meeting every tuesday at 10:00 | lab meeting | rep:FREQ=WEEKLY;BYDAY=TU@10:00
run the samples tomorrow at 9am | run the samples | at0312@09:00
email the supervisor today about the figures | email the supervisor about the figures | today
book the seminar room for the viva by monday | book the seminar room for the viva | by0316
back up the data every day at 18:00 | back up the data | rep:FREQ=DAILY@18:00
submit the abstract by 2026-04-02 | submit the abstract | by0402
order reagents in a week | order reagents | d0318
write 500 words, 45 min, deep | write 500 words | 45m deep
peer review due next friday | peer review | by0320
clean the pipettes on the 30th | clean the pipettes | d0330
grant call opens, not before 1 september, read it | grant call opens, read it | nb0901
think about the postdoc someday | think about the postdoc | someday
meet the statistician tomorrow between 2 and 3 about the model | meet the statistician about the model | at0312@14:00+60
tonight read the reviewer comments | read the reviewer comments | today
print the poster by 9am on thursday | print the poster | by0312@09:00
ring the archive on tuesday morning about box nine | ring the archive about box nine | at0317@09:00
analyse run four, desk, 2h | analyse run four | desk 120m
update the log every friday before lunch | update the log before lunch | rep:FREQ=WEEKLY;BYDAY=FR
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

/** What looks like a part and is none. */
export const corpusStays: readonly string[] = lines(`
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
