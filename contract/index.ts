export { API_ERRORS, API_ERROR_CODES, apiErrorSchema } from "./api-error";
export type { ApiError, ApiErrorCode } from "./api-error";
export { healthSchema } from "./health";
export type { Health } from "./health";
export {
  identificationInputSchema,
  identificationListSchema,
  identificationSchema,
  resultSchema,
} from "./identification";
export type { FindingRow, IdentificationInput, IdentificationRecord } from "./identification";
export { machineIdSchema, machineInputSchema, machineListSchema, machineSchema } from "./machine";
export type { Machine, MachineInput, MachineRow } from "./machine";
export {
  mergeInputSchema,
  positionIdSchema,
  positionInputSchema,
  positionListSchema,
  positionSchema,
  toOrderListSchema,
} from "./position";
export type { Position, PositionInput, PositionRow, ToOrder } from "./position";
export {
  PICTURE_LIMIT,
  pictureSchema,
  remarkInputSchema,
  remarkListSchema,
  remarkSchema,
} from "./remark";
export type { Picture, Remark, RemarkInput } from "./remark";
export { MOST_PLACES, jobInputSchema, jobListSchema, jobSchema, wholeJobSchema } from "./job";
export type { Job, JobInput, JobPlace, WholeJob } from "./job";
export {
  MOST_LINES,
  orderInputSchema,
  orderLineSchema,
  orderListSchema,
  orderRuleSchema,
  orderSchema,
  wholeOrderSchema,
} from "./order";
export type { KeptLine, Order, OrderInput, OrderRow, WholeOrder } from "./order";
export { quotationRequestSchema, quotationSchema } from "./quotation";
export type { Quotation, QuotationRequest, QuotedLine } from "./quotation";
export { eventListSchema, eventsQuerySchema, recordEventSchema } from "./event";
export type { RecordEvent } from "./event";
export { RECORD_KINDS, sentFields } from "./record-kinds";
export type { RecordColumns, RecordKind } from "./record-kinds";
export type { Field, FieldForm, FieldTable } from "./record-fields";
export { removedListSchema } from "./removed";
export type { RemovedRow } from "./removed";
export { searchHitsSchema } from "./search";
export type { SearchHit } from "./search";
export { changeListSchema } from "./change";
export type { Change, ChangedField } from "./change";
export { identifyOptionsSchema, readingSchema, readingsSchema } from "./reading";
export { circumstancesSchema, replacementSchema, sheetQuerySchema } from "./replacement";
export type { Replacement } from "./replacement";
export {
  ownedToolsSchema,
  planPaperSchema,
  repairInputSchema,
  repairListSchema,
  repairRecordSchema,
  repairSchema,
} from "./repair";
export type { PlanPaperInput, Repair, RepairInput, RepairRow } from "./repair";
export { ownWordInputSchema, ownWordListSchema, ownWordSchema } from "./own-word";
export type { OwnWordInput, StoredWord } from "./own-word";
export { metQuerySchema, metSchema } from "./met";
export { PAGES, isPage } from "./pages";
export {
  MACHINE_SORTS,
  foundQuerySchema,
  machinesQuerySchema,
  pageQuerySchema,
  toOrderQuerySchema,
  writeSchema,
} from "./write";
export type { MachinesQuery, Write } from "./write";
export { caliperCommandSchema, caliperFigureSchema } from "./caliper";
export type { CaliperCommand, CaliperFigure } from "./caliper";
