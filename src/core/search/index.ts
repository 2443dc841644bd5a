export {
  actCalled,
  type Findable,
  type FoundKind,
  familyCalled,
  type SearchIndex,
  searchIndex,
} from './search'
