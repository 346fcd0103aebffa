/** Words for the ear alone. */
export const Unseen = ({ children }: { children: string }) => (
  <span className="visually-hidden">{children}</span>
)
