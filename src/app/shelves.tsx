export { ShelvesStation as default } from '@/stations/shelves/ShelvesStation'
