import { expose } from 'comlink'
import { benchDesk } from './benchDesk'

expose(benchDesk())
