// Whether a sentence is plainly in a language other than English: then nothing is read into it. Little words decide,
// which every sentence of a language has: two of one language, or one beside letters that English lacks, and more of
// them than of English. Names never count, so "ring Jürgen by friday" is English.
import type { Word } from './words'

const wordsOf = (list: string): ReadonlySet<string> => new Set(list.split(' '))

const english = wordsOf(
  'the a an and or but of to for with from by on in at about into over under as is are be am was were has have had do does did can will should would i you he she it we they me us them my our your his her their this that these those there here what who when where how why which if not no so up out off all some any more less very too also then than because before after until since every each next last new old today tomorrow week month day friday monday sunday ring call buy send write ask read book pay check find get make take bring tell see look try put give need want',
)
const others: readonly ReadonlySet<string>[] = [
  'der die das den dem des ein eine einen einem einer und oder nicht für mit von zum zur bis am im auf bei über nach noch bitte heute nächste nächsten jeden anrufen kaufen schreiben schicken holen machen',
  'le la les un une des du et ou pas pour avec dans sur chez au aux avant après que qui est sont demain lundi mardi mercredi jeudi vendredi samedi dimanche acheter appeler envoyer écrire faire chaque',
  'el la los las un una unos unas y o para con por del al antes después que es son mañana lunes martes miércoles jueves viernes sábado domingo comprar llamar enviar escribir hacer cada',
  'il lo la gli le un una e o per con dal del della di da al alla prima dopo che è sono domani lunedì martedì mercoledì giovedì venerdì sabato domenica comprare chiamare inviare scrivere fare ogni',
  'de het een en of niet voor met van naar bij op aan uit nog vandaag maandag dinsdag woensdag donderdag vrijdag zaterdag zondag bellen kopen sturen schrijven maken elke',
  'och eller inte för med från till på den det ett en av om imorgon idag måndag tisdag onsdag torsdag fredag lördag söndag ringa köpa skicka skriva varje og ikke eller til fra på et en i mandag tirsdag lørdag søndag ringe kjøpe sende hver',
  'o os as um uma e ou para com por do da dos das no na antes depois que é são amanhã segunda terça quarta quinta sexta comprar ligar enviar escrever fazer cada',
  'i lub nie dla z ze do od na w we przed po że jest są jutro dzisiaj poniedziałek wtorek środa czwartek piątek sobota niedziela kupić zadzwonić wysłać napisać każdy',
].map(wordsOf)

/** Letters of scripts that English is not written in. */
const otherScript =
  /[\p{Script=Cyrillic}\p{Script=Greek}\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}\p{Script=Arabic}\p{Script=Hebrew}\p{Script=Devanagari}\p{Script=Thai}]/u
const foreignLetter = /[ß-öø-ÿāąćčęěğıłńőřśşšťůűźżž]/i

/** Words looked at: the beginning of a long text tells its language. */
const looked = 60

export function isPlainlyForeign(words: readonly Word[]): boolean {
  const said = words.slice(0, looked).filter(({ quoted }) => !quoted)
  if (said.length === 0) return false
  const scripted = said.filter(({ text }) => otherScript.test(text)).length
  if (scripted * 2 >= said.length) return true
  const countIn = (little: ReadonlySet<string>) => said.filter(({ text }) => little.has(text)).length
  const most = Math.max(...others.map(countIn))
  // A capital begins a name: its letters tell nothing of the language around it.
  const hasLetter = said.some(({ typed }) => foreignLetter.test(typed) && !/^\p{Lu}/u.test(typed))
  return most > countIn(english) && (most >= 2 || (most === 1 && hasLetter))
}
