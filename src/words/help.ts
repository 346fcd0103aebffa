// The help of the program: twelve short parts, in the order of the work.
export const helpParts = [
  {
    id: 'start',
    title: 'What Zen Tray is for',
    says: [
      'You write down whatever crosses your mind. Later you decide once what each thing is. Then you work from short lists you can trust.',
      'Nothing leaves your device unless you export it.',
    ],
  },
  {
    id: 'add',
    title: 'Add a thought',
    says: [
      'Type or say anything in the line and press Enter. It is in the Tray, and the line is free for the next thought.',
      'Say it as you would say it aloud: “ring Oda about the quote by Friday, 20 min”. What was understood shows as chips. Tap a chip to change it, or take it off and the words stay.',
      'If the sentence has a day, a horizon or a project, you can skip the Tray: press Shift and Enter, or Add as action.',
    ],
  },
  {
    id: 'tray',
    title: 'Tray',
    says: [
      'Everything you add waits here as a slip until you sort it. A slip can be changed, merged with another or split.',
    ],
  },
  {
    id: 'sorting',
    title: 'Sort a slip',
    says: [
      'Sorting shows one slip at a time over nine compartments. Press one: the program asks only for what it needs, and suggests what you chose before.',
      'Skip puts the slip at the end. Escape goes back one step. Undo takes the last decision back.',
    ],
  },
  {
    id: 'dates',
    title: 'Horizons and dates',
    says: [
      'A due date is a promise. A planned day is when you mean to do it. A fixed time is an appointment. “Not before” keeps it out of sight until that day.',
      'If nothing is promised, give it a horizon: today, this week, soon, later or someday.',
    ],
  },
  {
    id: 'day',
    title: 'Day',
    says: [
      'The Day sheet has what is carried over, due, underway and picked for today. The tape above it shows the day to scale: done, planned, and what does not fit.',
      'Add your calendars in Settings, from a link or a file. Save your own dates there for another calendar program. Their events show on the Day and Week sheets and take their time off the day. Tap one to prepare it, take a meeting note or follow up.',
      'Show the day as hours to plan work into its gaps: tap a gap, or drag an action to an hour. Lay out the day plans all of it, and says why.',
      'Plan helps you plan the day, spread out what is too much, and close the day in the evening.',
    ],
  },
  {
    id: 'reach',
    title: 'In reach',
    says: [
      'Say where you are, how long you have and how much energy is left. In reach lists what fits here and now, and says why.',
    ],
  },
  {
    id: 'week',
    title: 'Week',
    says: [
      'Seven days with what is planned against the time you have. Past days show what was done. Move an action to a day with its button, drag it, or hold Alt and press the arrows.',
      'Month shows what is due and planned on each day; choose a day to see it beside. Drag what is due to change its date. Year shows holidays, how full days are, and your days away.',
      'Minutes says what was planned and what was done, day by day and by area.',
      'Times to offer finds free times to send somebody, and holds them until they answer.',
      'Will it all fit? compares everything due with the time before it, and shows what would mend what does not fit.',
    ],
  },
  {
    id: 'shelves',
    title: 'Shelves',
    says: [
      'Projects are outcomes that take several actions. Areas are parts of your life that go on. People and everything you keep for later are here too.',
      'Say what you know of somebody: “Oda’s mobile is 07700 900123”. Say what to talk about: “raise the fee with Oda”. Both are kept on Oda’s page, and what to raise is in your meeting note with her, to tick.',
      'An action in a project can come after another. A project without a next action asks for one.',
    ],
  },
  {
    id: 'lenses',
    title: 'Lenses',
    says: [
      'A lens is your own list, said in a sentence: “Actions ready, at Desk, up to 20 min; sorted by due”. Tap any part to change it, or say what it lists.',
      'A lens can be shown as a list, in columns, as a table or by date.',
    ],
  },
  {
    id: 'review',
    title: 'Weekly review',
    says: [
      'Once a week, go through what needs a look: the Tray, your meetings, what was planned and not done, what you are waiting for, your projects one by one, and one or two aims. A part is there only when it has something.',
      'You can stop at any part. It waits for you. By keys, Enter goes on; from within a field, Control and Enter.',
      'Leave parts out, move them or add your own questions under Parts of the review. There are reviews for a month, a quarter and a year too.',
      'Look back shows what was done in a week, a month, a quarter, a year or between two days, by area, project, context, person or goal. Write it up as a page of your own, or make a report for somebody else: nothing private is in it.',
      'Search answers questions: “When did I last ring the bank?”, “What did I do for Oda in May?”, “Which projects have I not touched for six weeks?”',
    ],
  },
  {
    id: 'data',
    title: 'Undo, history and your data',
    says: [
      'Every change can be undone, also later. What you open has a history under More.',
      'Your data is in this browser. Save a backup now and then in Settings, and restore it there on this device or another.',
    ],
  },
] as const
export type HelpId = (typeof helpParts)[number]['id']

/** The part that says what a station is for, by its address. */
export const helpOfStation: Readonly<Record<string, HelpId>> = {
  '/': 'tray',
  '/sorting': 'sorting',
  '/day': 'day',
  '/week': 'week',
  '/shelves': 'shelves',
  '/review': 'review',
  '/settings': 'data',
}

/** The parts that have every one of these words, or a word that begins with it. */
export function helpWith(words: string): readonly (typeof helpParts)[number][] {
  const asked = words
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '')
  if (asked.length === 0) return []
  return helpParts.filter(({ title, says }) => {
    const told = [title, ...says]
      .join(' ')
      .toLowerCase()
      .split(/[^\p{L}\p{N}]+/u)
    return asked.every((word) => told.some((each) => each.startsWith(word)))
  })
}
