// What a joiner, a nurse, a translator, a teacher, a gardener, a choir leader, an accountant and a researcher say.
import { lines } from './lines'

export const saidAtWork = lines(`
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
`)
