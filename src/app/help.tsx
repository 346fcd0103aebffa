export { HelpStation as default } from '@/stations/help/HelpStation'
