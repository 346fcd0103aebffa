export { TrayStation as default } from '@/stations/tray/TrayStation'
