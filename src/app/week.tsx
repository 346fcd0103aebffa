export { WeekStation as default } from '@/stations/week/WeekStation'
