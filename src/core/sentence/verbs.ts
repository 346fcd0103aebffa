// Words that an order begins with, as people write to-dos. They tell where a title goes on behind a day, a time or a
// length: "tomorrow ring the bank", and not "tomorrow morning light".
const of = (words: string): ReadonlySet<string> => new Set(words.split(' '))

/** Hardly ever anything but a verb. */
const plainVerbs = of(
  'accept add adjust agree apply arrange ask attend bake bring build buy cancel catch choose choose clean clear collect compare complete confirm contact cook copy create decide deliver dig do download draft draw drop eat email empty enter explain fetch feed file fill find finish fix follow gather get give go hand hang have help hoover install invite invoice iron keep learn leave let listen look make meet mend move mow order organise organize pack paint pay phone pick plan plant prepare print proofread prune push put read rebook recalibrate record remember remind remove renew rent repair replace reply reschedule rest return review revise rewrite ring rinse scan schedule see sell send set settle share sharpen show sign sort speak start stop submit sweep swap take talk teach tell test thank throw tidy translate try tune type update upload visit wash watch water weed wipe write',
)
/** Verbs that are nouns as often: they count where something follows that a verb takes. */
const verbsPerhaps = of(
  'back bill book brief call change charge chase check claim cut design discuss dress drive edit exercise film fold frame glue guide hire hold house index label light list lunch mail map mark measure message model name note notice oil park part photograph plant post practise practice present price process program question rehearse report request research result ring run sand score search sketch skype solve stretch study survey swim switch tape text time total tour trace track train treat trim turn type vacuum walk warm wash water work wrap',
)
/** What follows a verb: "book the hall", "call my sister", "check with Oda". */
const takenByVerbs = of(
  'it them him us me everyone everybody something the a an my our your his her their its this that these those all some any every each both up out off with about in on for to at from back down over through into',
)

/** Whether a title can begin at a word, seen with the one behind it. `isName` tells of a name that is known. */
export const beginsTitle = (word: string, next: string | undefined, isName: boolean): boolean =>
  plainVerbs.has(word) || (verbsPerhaps.has(word) && next !== undefined && (takenByVerbs.has(next) || isName))

export const mayBeVerb = (word: string): boolean => plainVerbs.has(word) || verbsPerhaps.has(word)
