export { SortingStation as default } from '@/stations/tray/SortingStation'
