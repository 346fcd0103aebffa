export { NothingHere as default } from '@/stations/shared/NothingHere'
