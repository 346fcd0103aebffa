// The made-up practice of Tamsin Orrell, who measures and designs the sound of rooms. People, firms and places are
// invented. Actions are plain sentences, read by the same reader as everybody's.
import type { Side } from '@/core/record'

export const groups: readonly {
  name: string
  side: Side
  areas: readonly [name: string, stamp: string, ink: number][]
}[] = [
  {
    name: 'Practice',
    side: 'work',
    areas: [
      ['Client rooms', 'Cl', 0],
      ['Instruments', 'In', 1],
      ['Teaching', 'Te', 2],
      ['Office', 'Of', 3],
    ],
  },
  {
    name: 'Home',
    side: 'private',
    areas: [
      ['House', 'Ho', 4],
      ['Choir', 'Ch', 5],
      ['Family', 'Fa', 6],
    ],
  },
]

export const contexts = ['Desk', 'Phone', 'On site', 'Workshop', 'Errands', 'Anywhere'] as const
export const people = [
  'Oda',
  'Perrin',
  'Bettina',
  'Kofi',
  'Jun',
  'Mireille',
  'Sorrel',
  'Nan',
  'Davit',
  'Wim',
] as const

export interface DemoProject {
  readonly area: string
  readonly title: string
  readonly outcome: string
  /** Days from today. */
  readonly due?: number
  readonly state?: 'notNow' | 'finished'
  readonly actions: readonly string[]
}

export const projects: readonly DemoProject[] = [
  {
    area: 'Client rooms',
    title: 'Fenwick Hall echo report',
    outcome: 'The trustees can choose a ceiling by the end of the month, so that work starts in summer',
    due: 16,
    actions: [
      'Sign off the Fenwick Hall draft, desk, 90 min, deep, must',
      'Compare the two absorber quotes, desk, 40 min',
      'Take photos of the hall ceiling, on site, 30 min',
      'Draw the echo paths for page nine, desk, 2 hours, deep',
      'Ask the trustees for the seating plan, phone, 10 min',
      'Check the volumes against the old drawings, desk, 45 min, soon',
      'Order one sample of the felt baffle, errands, 15 min, could',
    ],
  },
  {
    area: 'Client rooms',
    title: 'Quarry Lane bakery noise case',
    outcome: 'The night noise case is closed with both sides content',
    due: 23,
    actions: [
      'Read the bakery’s night readings, desk, 45 min, deep',
      'Ring the neighbour about the Tuesday logger, phone, 15 min, must',
      'Fetch the second logger from the roof, on site, 40 min',
      'Write the two-page summary for both sides, desk, 90 min, deep, this week',
      'Find the fan’s data sheet, desk, 20 min, light',
      'Agree a date for the night visit, phone, 10 min',
    ],
  },
  {
    area: 'Client rooms',
    title: 'Mill school canteen quote',
    outcome: 'A quote that the school can take to its board',
    due: 9,
    actions: [
      'Price the slatted wall in oak and in ash, desk, 60 min',
      'Measure the canteen at lunch time, on site, 75 min, must, this week',
      'Send the caretaker the list of plug sockets, desk, 10 min, light',
      'Write down what the children said about the noise, desk, 25 min',
      'Ask Kofi for his drawing of the serving hatch, phone, 5 min',
    ],
  },
  {
    area: 'Client rooms',
    title: 'Alder Street library reading room',
    outcome: 'Readers on the gallery no longer hear the returns desk',
    due: 41,
    actions: [
      'Walk the gallery with the sound level meter, on site, 60 min',
      'Sketch two places for the screen, desk, 50 min, deep',
      'Write to the fire officer about the curtain, desk, 20 min',
      'Look up the flammability class of wool felt, desk, 30 min, could',
      'Book the library for a Sunday measurement, phone, 10 min',
    ],
  },
  {
    area: 'Client rooms',
    title: 'St Brannoc’s chapel organ loft',
    outcome: 'The choir hears the organ, the organist hears the choir',
    due: 58,
    actions: [
      'Listen from the loft at a rehearsal, on site, 90 min',
      'Ask Davit when the organ is tuned, phone, 10 min',
      'Draw the reflector in plan and section, desk, 2 hours, deep, soon',
      'Weigh a birch ply offcut, workshop, 15 min, light',
    ],
  },
  {
    area: 'Client rooms',
    title: 'Larch House clinic speech privacy',
    outcome: 'Nobody in the waiting room can follow a talk in room two',
    due: 30,
    actions: [
      'Calculate the door’s weighted reduction, desk, 60 min, deep',
      'Measure with the door seals taped, on site, 45 min',
      'Ask Bettina which rooms are used at night, phone, 10 min',
      'Send the clinic three door makers, desk, 25 min',
      'Check the ceiling void above room two, on site, 30 min, must',
    ],
  },
  {
    area: 'Client rooms',
    title: 'Tollgate theatre foyer',
    outcome: 'The foyer bar can be spoken in when the house is full',
    state: 'notNow',
    actions: [
      'Ask the house manager for a full-house evening, phone, 10 min, on the shelf',
      'Read the 1931 plans in the county archive, errands, 2 hours, on the shelf',
    ],
  },
  {
    area: 'Client rooms',
    title: 'Harbour studio control room',
    outcome: 'A flat bass at the chair, signed by both engineers',
    due: 75,
    actions: [
      'Model the first four room modes, desk, 90 min, deep, soon',
      'Borrow the low-frequency source from Wim, phone, 10 min',
      'Draw the corner absorber, desk, 75 min, soon',
      'Ask for a day without bookings, phone, 5 min',
    ],
  },
  {
    area: 'Instruments',
    title: 'Recalibrate the meter set',
    outcome: 'All four meters carry a valid certificate by the first of next month',
    due: 21,
    actions: [
      'Bring the meter set to the laboratory, errands, 60 min, must',
      'Charge and label the cells, workshop, 25 min, light',
      'Print the calibration forms, desk, 10 min, light',
      'Check the reference tone against the old one, workshop, 45 min',
      'Note the serial numbers of the preamplifiers, workshop, 20 min',
    ],
  },
  {
    area: 'Instruments',
    title: 'A case that closes',
    outcome: 'One case holds the whole set and shuts',
    actions: [
      'Fix the tripod foot, workshop, 40 min',
      'Cut the foam for the small microphones, workshop, 60 min, could',
      'Measure the boot of the car, anywhere, 5 min, light',
      'Look for a used flight case, desk, 30 min, could, soon',
    ],
  },
  {
    area: 'Instruments',
    title: 'Impulse source that needs no powder',
    outcome: 'A source loud enough for a hall that may fly as hand luggage',
    actions: [
      'Try the paper cannon in the garage, workshop, 45 min',
      'Plot its spectrum against the balloon, desk, 50 min, deep',
      'Write down the load procedure, desk, 20 min, soon',
      'Ask Jun about his spark source, phone, 15 min',
    ],
  },
  {
    area: 'Teaching',
    title: 'Caretakers’ workshop in April',
    outcome: 'Twenty-four caretakers can tell a rattle from a rumble, and whom to call',
    due: 38,
    actions: [
      'Sketch the caretakers’ hand-out, desk, 60 min, deep',
      'List twelve rattles with a recording of each, desk, 50 min, soon',
      'Book the boiler house for the tour, phone, 10 min',
      'Ask Oda for the boiler-house key, phone, 5 min, must',
      'Pack twenty-four pairs of ear plugs, anywhere, 15 min, light',
    ],
  },
  {
    area: 'Teaching',
    title: 'Evening class on listening',
    outcome: 'Ten people hear their own street anew',
    due: 50,
    actions: [
      'Choose six streets for the sound walk, anywhere, 40 min',
      'Write the second evening’s exercise, desk, 45 min, deep',
      'Ask the adult school for blackout blinds, phone, 10 min',
      'Record the tram at night, on site, 60 min, could',
    ],
  },
  {
    area: 'Teaching',
    title: 'Guest lecture for the architects',
    outcome: 'Second-years ask about sound before the ceiling is drawn',
    state: 'notNow',
    actions: [
      'Find the three worst auditoria on film, desk, 40 min, on the shelf',
      'Ask Mireille for a date in autumn, phone, 10 min, on the shelf',
    ],
  },
  {
    area: 'Office',
    title: 'Quarter accounts',
    outcome: 'Filed by the end of next month, so that summer is free',
    due: 48,
    actions: [
      'Sort the receipts of the quarter, desk, 45 min, light',
      'Send the February mileage to Perrin, desk, 25 min, must',
      'Check the two late invoices, desk, 15 min, must',
      'Write off the broken recorder, desk, 20 min',
    ],
  },
  {
    area: 'Office',
    title: 'Move the studio to the mill loft',
    outcome: 'The studio stands in the loft, dry and paid, by autumn',
    due: 160,
    actions: [
      'Measure the loft stairs, on site, 20 min',
      'Ask three carriers about the piano, phone, 30 min',
      'Draw the benches to scale, desk, 60 min, soon',
      'List what is thrown away, workshop, 45 min, light, soon',
      'Read the lease to the end, desk, 50 min, deep, must',
      'Ask the miller who cleans the gutters, phone, 10 min',
    ],
  },
  {
    area: 'Office',
    title: 'New page about clinics',
    outcome: 'Clinics find us, and see three finished rooms',
    actions: [
      'Ask Larch House for a sentence to quote, phone, 10 min, soon',
      'Choose three pictures of doors, desk, 30 min, light',
      'Write the first paragraph, desk, 45 min, deep, could',
    ],
  },
  {
    area: 'Office',
    title: 'Insurance that covers borrowed meters',
    outcome: 'Borrowed meters are insured from the day they leave the house',
    due: 12,
    actions: [
      'Ask the broker about lent equipment, phone, 20 min, must',
      'List the meters with their values, desk, 30 min',
    ],
  },
  {
    area: 'House',
    title: 'Quiet bedroom window',
    outcome: 'The milk lorry no longer wakes us',
    due: 64,
    actions: [
      'Oil the kitchen door, anywhere, 10 min, could, light',
      'Measure the bedroom sash, anywhere, 15 min',
      'Get a price for the inner pane, phone, 20 min, soon',
      'Buy brush strip for the sash, errands, 20 min',
    ],
  },
  {
    area: 'House',
    title: 'Sweep and stove before winter',
    outcome: 'The stove draws and the sweep’s slip hangs in the hall',
    actions: [
      'Book the sweep, phone, 5 min',
      'Order a cubic metre of ash wood, phone, 10 min, soon',
      'Clean the stove glass, anywhere, 15 min, light, could',
    ],
  },
  {
    area: 'House',
    title: 'Shelves in the back room',
    outcome: 'Every record stands upright and can be reached',
    state: 'notNow',
    actions: [
      'Count the records, anywhere, 30 min, on the shelf',
      'Look for oak boards in the yard, errands, 45 min, on the shelf',
    ],
  },
  {
    area: 'Choir',
    title: 'Choir weekend on the coast',
    outcome: 'Forty singers slept, fed and rehearsed by the end of May',
    due: 72,
    actions: [
      'Ask the choir who can drive to the coast, anywhere, 15 min',
      'Reserve the chapel by the harbour, phone, 15 min, must',
      'Write the room list, desk, 30 min, soon',
      'Ask Wim to cook on the Saturday, phone, 10 min',
      'Copy the alto parts, errands, 30 min, light',
    ],
  },
  {
    area: 'Choir',
    title: 'Summer programme',
    outcome: 'Nine pieces, all in print, none above a high A',
    due: 35,
    actions: [
      'Listen to the three settings again, anywhere, 40 min',
      'Ask Mireille which key suits the basses, phone, 10 min',
      'Order the scores for the new piece, desk, 15 min',
    ],
  },
  {
    area: 'Family',
    title: 'Nan’s eightieth',
    outcome: 'Everybody at one table, and Nan hears every speech',
    due: 27,
    actions: [
      'Ring Nan about the guest list, phone, 20 min, must',
      'Find a room with a carpet, phone, 30 min, this week',
      'Ask Sorrel to draw the invitation, anywhere, 5 min',
      'Order the lemon cake, phone, 10 min, soon',
    ],
  },
  { area: 'Family', title: 'Sorrel’s bicycle', outcome: 'Sorrel rides to school on her own', actions: [] },
]

/** Actions straight on an area, under no project. */
export const loose: readonly (readonly [area: string, sentence: string])[] = [
  ['Client rooms', 'Thank the trustees for the cellar tour, desk, 5 min, light, could'],
  ['Client rooms', 'Answer the letter about the echoing stairwell, desk, 25 min'],
  ['Client rooms', 'Put the March visits into one route, desk, 20 min'],
  ['Instruments', 'Order spare microphone cells, errands, 30 min'],
  ['Instruments', 'Back up the recordings of the month, desk, 15 min, light'],
  ['Instruments', 'Replace the torn windshield, workshop, 20 min'],
  ['Office', 'Renew the parking permit, desk, 10 min'],
  ['Office', 'Answer the tax office, desk, 30 min, must'],
  ['Office', 'Water the office fern, anywhere, 2 min, light, could'],
  ['Office', 'Change the printer drum, anywhere, 10 min, could'],
  ['House', 'Descale the kettle, anywhere, 10 min, light, could'],
  ['House', 'Take the glass to the bank, errands, 20 min'],
  ['House', 'Find the stopcock and label it, anywhere, 15 min'],
  ['House', 'Bleed the hall radiator, anywhere, 10 min'],
  ['Choir', 'Learn the second alto line by heart, anywhere, 30 min'],
  ['Choir', 'Return the borrowed scores, errands, 15 min'],
  ['Family', 'Call Nan, phone, 20 min'],
  ['Family', 'Sign the school trip form, anywhere, 5 min, must'],
  ['Family', 'Plan the walk for Sunday, anywhere, 10 min, light'],
  ['Family', 'Print the photos from the lake, errands, 25 min, could'],
  ['Teaching', 'Answer the student from the evening class, desk, 15 min'],
  ['Teaching', 'Mend the demonstration tube, workshop, 35 min, could'],
]

export const someday = [
  'Look at sea kayaks',
  'Build a small harmonium',
  'Walk the old railway from end to end',
  'Learn to splice rope',
  'Record every bell in the county',
  'Write a booklet about stairwells',
  'Try a week without the car',
  'Visit the anechoic chamber in the north',
  'Plant two pear trees',
  'Take the night train to the fjords',
  'Read all of the town’s noise complaints since 1900',
  'Learn to throw a bowl',
] as const

/** Handed over or expected: whom, what, days ago, days until the chase. */
export const waiting: readonly (readonly [
  who: string,
  what: string,
  daysAgo: number,
  chaseIn: number,
  project: string | null,
])[] = [
  ['Oda', 'Waiting for Oda’s quote for the tiles', 4, 2, 'Fenwick Hall echo report'],
  ['Perrin', 'Waiting for Perrin’s list of missing receipts', 6, 1, 'Quarter accounts'],
  ['Kofi', 'Waiting for Kofi’s drawing of the hatch', 9, -1, 'Mill school canteen quote'],
  ['Bettina', 'Waiting for Bettina’s room plan', 3, 5, 'Larch House clinic speech privacy'],
  ['Davit', 'Waiting for Davit’s tuning dates', 12, -2, 'St Brannoc’s chapel organ loft'],
  ['Wim', 'Waiting for Wim to say if he cooks', 2, 8, 'Choir weekend on the coast'],
]

export const references: readonly (readonly [title: string, area: string])[] = [
  ['Absorption of heavy curtains, measured in the old studio', 'Client rooms'],
  ['Gate code of the mill loft', 'Office'],
  ['How the laboratory wants meters packed', 'Instruments'],
  ['Nan’s lemon cake', 'Family'],
  ['Parking near the harbour chapel', 'Choir'],
]
