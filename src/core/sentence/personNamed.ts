const nameTemplate = "\\p{Lu}[\\p{L}'’-]*\\p{L}(?: \\p{Lu}[\\p{L}'’-]*\\p{L}){0,2}"
const wholeForm = new RegExp(`^(?:(?:Mrs?|Ms|Dr)\\.? )?${nameTemplate}$`, 'u')
const ownForm = new RegExp(`^((?:(?:Mrs?|Ms|Dr)\\.? )?${nameTemplate}?)['’]s\\b`, 'u')
const noName =
  /^(?:The|A|An|My|Our|Your|His|Her|Their|This|That|Some|All|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday)\b/

/** The person that is named in whom one waits for: "Anna", "Mr Abel", "Anna’s quote"; null where it is no name. */
export function personNamed(whom: string): string | null {
  const said = whom.trim()
  if (noName.test(said)) return null
  const own = ownForm.exec(said)?.[1]
  if (own) return own
  return wholeForm.test(said) ? said : null
}
