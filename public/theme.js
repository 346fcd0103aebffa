// Before the first paint: the chosen theme, so that the page does not flash in the other one.
try {
  const theme = localStorage.getItem('zen-tray:theme')
  if (theme === 'paper' || theme === 'lamp') document.documentElement.dataset.theme = theme
} catch {
  // A browser that keeps nothing follows the system.
}
