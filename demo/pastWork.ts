// What an acoustician does in three months, as sentences with gaps.

export const rooms = ['Fenwick Hall', 'the bakery', 'the canteen', 'Alder Street library', 'the chapel', 'Larch House', 'the harbour studio', 'the town baths', 'the sports hall', 'the law court'] as const

/** [area, sentence]; {room} and {person} are filled in. */
export const patterns: readonly (readonly [area: string, sentence: string])[] = [
  ['Client rooms', 'Measure the reverberation of {room}, on site, 75 min, deep'], ['Client rooms', 'Write up the visit to {room}, desk, 45 min, deep'], ['Client rooms', 'Send {person} the figures for {room}, desk, 15 min'],
  ['Client rooms', 'Ring {person} about {room}, phone, 15 min'], ['Client rooms', 'Draw the section of {room}, desk, 60 min, deep'], ['Client rooms', 'Invoice {room}, desk, 15 min, light'], ['Client rooms', 'Collect the logger from {room}, on site, 30 min'],
  ['Client rooms', 'Check the noise limits for {room}, desk, 30 min'], ['Client rooms', 'Agree a date for {room} with {person}, phone, 10 min'], ['Client rooms', 'Calculate the absorber area for {room}, desk, 60 min, deep'],
  ['Client rooms', 'Pack the samples for {room}, workshop, 20 min, light'], ['Client rooms', 'Answer {person}’s question about {room}, desk, 20 min'], ['Client rooms', 'Mark up the drawings of {room}, desk, 40 min'],
  ['Instruments', 'Charge the meters, workshop, 10 min, light'], ['Instruments', 'Copy the recordings of {room}, desk, 20 min, light'], ['Instruments', 'Check the calibrator, workshop, 15 min'], ['Instruments', 'Solder the loose cable, workshop, 30 min'], ['Instruments', 'Label the new cells, workshop, 15 min, light'],
  ['Teaching', 'Prepare the evening on masking, desk, 50 min, deep'], ['Teaching', 'Print the hand-outs, errands, 15 min, light'], ['Teaching', 'Answer the adult school, desk, 10 min'],
  ['Office', 'Pay the studio rent, desk, 10 min, must'], ['Office', 'Enter the week’s receipts, desk, 20 min, light'], ['Office', 'Write the offer for {person}, desk, 40 min'], ['Office', 'Tidy the desk, desk, 15 min, light'], ['Office', 'Send the mileage to {person}, desk, 15 min'],
  ['House', 'Take the bottles to the bank, errands, 20 min, light'], ['House', 'Mend the gate latch, workshop, 30 min'], ['House', 'Water the tomatoes, anywhere, 10 min, light'], ['House', 'Change the beds, anywhere, 20 min, light'],
  ['Choir', 'Practise the alto line, anywhere, 30 min'], ['Choir', 'Write to the singers, desk, 15 min'], ['Family', 'Call Nan, phone, 20 min'], ['Family', 'Help Sorrel with fractions, anywhere, 40 min'], ['Family', 'Buy shoes with Sorrel, errands, 60 min'],
]

/** What lies in the tray: [sentence, days ago, minute of the day]. */
export const slips: readonly (readonly [sentence: string, daysAgo: number, minute: number])[] = [
  ['ask the choir who has a trailer', 0, 490], ['felt panels: is the 40 mm one fire rated?', 0, 472], ['ring the tile maker about absorber samples by friday 20 min phone', 1, 1122], ['renew the parking permit, not before 1 april', 1, 1143],
  ['idea: a sound walk for the open day', 1, 1090], ['letter from the county: form 12 and two copies', 1, 985], ['new bulb for the workshop bench, errands', 1, 930], ['draft the hall report for Fenwick Hall, deep, 2 hours, this week', 1, 840],
  ['who is the Larch House night porter', 1, 760], ['dentist for Sorrel, phone, 5 min', 1, 615], ['the stairwell at the law court rings at 400 hertz', 2, 1150], ['site visit at 14:30 tomorrow for 90 minutes on site', 2, 1062],
  ['read https://library.example/felt-and-fire about felt and fire', 2, 1001], ['Davit says the swell box leaks', 2, 905], ['buy a birthday card for Wim, errands, 10 min', 2, 777], ['does the insurance cover a dropped calibrator', 2, 640],
  ['look at sea charts for the choir weekend someday', 3, 1230], ['ask Jun how loud the spark source is', 3, 1115], ['move the evening class one week?', 3, 1020], ['fence post by the compost has gone', 3, 870],
  ['send Kofi the photo of the hatch, 5 min, desk', 3, 655], ['two more chairs for Nan’s table', 4, 1180], ['check whether the mill loft floods', 4, 960], ['write down the trick with the wet cloth', 4, 700], ['“by friday” stickers for the sample boxes', 4, 560],
]
