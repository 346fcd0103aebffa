export { SettingsStation as default } from '@/stations/settings/SettingsStation'
