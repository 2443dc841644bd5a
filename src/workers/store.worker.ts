import { expose } from 'comlink'
import { browserStore } from '@/store/store'
import { storeDesk } from './storeDesk'

expose(storeDesk(browserStore))
