export { ReviewStation as default } from '@/stations/review/ReviewStation'
