// The square tick box, filled with a brush stroke.

interface TickProps {
  readonly name: string
  readonly checked: boolean
  readonly onToggle: () => void
  /** Where one stop for Tab stands for many. */
  readonly tabIndex?: 0 | -1
}

export function Tick({ name, checked, onToggle, tabIndex }: TickProps) {
  return (
    <button
      type="button"
      role="checkbox"
      aria-checked={checked}
      aria-label={name}
      className="square"
      data-tick
      tabIndex={tabIndex}
      onClick={onToggle}
    >
      <BoxMark checked={checked} />
    </button>
  )
}

/** The box alone, where what holds it is pressed as a whole. */
export const BoxMark = ({ checked }: { checked: boolean }) => (
  <svg
    className={checked ? 'stroke-drawn' : undefined}
    width={28}
    height={28}
    viewBox="0 0 28 28"
    aria-hidden
    fill="none"
  >
    <rect x={3.5} y={4.5} width={20} height={20} rx={2.5} stroke="var(--inkSoft)" strokeWidth={1.4} />
    {checked ? (
      <path
        d="M7 14.2c1.9 1.3 3.4 3.1 4.7 5.6 2.6-6.3 6.6-11.9 13.1-16.6"
        stroke="var(--moss)"
        strokeWidth={3.4}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    ) : null}
  </svg>
)
