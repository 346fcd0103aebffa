export { NothingHere as default } from '@/frame/NothingHere'
