import { expose } from 'comlink'
import { fileDesk } from './fileDesk'

expose(fileDesk())
