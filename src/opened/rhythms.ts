/** How often goals and areas are looked at again. */
export const rhythms = [
  { value: 'never', label: 'never', weeks: null },
  { value: 'week', label: 'each week', weeks: 1 },
  { value: 'month', label: 'each month', weeks: 4 },
  { value: 'quarter', label: 'each quarter', weeks: 13 },
  { value: 'halfYear', label: 'each half year', weeks: 26 },
] as const
