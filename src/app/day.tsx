// The Day and the glance at it load together. In two chunks, what they share would load at the start.
export { Glance } from '@/stations/day/glance/Glance'
export { DayStation as default } from '@/stations/day/DayStation'
