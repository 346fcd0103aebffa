export { DayStation as default } from '@/stations/day/DayStation'
