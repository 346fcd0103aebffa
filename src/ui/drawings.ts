// What is drawn with react-native-svg, behind one door: what stands behind two would load at the start.
export { default as Tape } from './Tape'
export { TimeBar } from './TimeBar'
export { FitChart } from './FitChart'
export { DoneTape, InkBars } from './DoneTape'
