import { jobInputSchema, jobListSchema, jobSchema, wholeJobSchema } from "./job";
import { WRITES, json, ofRecord, type Operation } from "./operation";
import { orderInputSchema, orderListSchema, orderSchema, wholeOrderSchema } from "./order";
import { quotationRequestSchema, quotationSchema } from "./quotation";
import { removedListSchema } from "./removed";
import { pageQuerySchema, writeSchema } from "./write";

/** Pieces of work, and what is bought for them. */
export const JOB_OPERATIONS: readonly Operation[] = [
  {
    id: "listJobs",
    method: "get",
    path: "/jobs",
    does: "The jobs, pieces of work over positions: open ones first, the soonest due before, a page at a time",
    query: pageQuerySchema,
    answer: json(jobListSchema),
    refusals: ["invalid-query"],
  },
  {
    id: "readJob",
    method: "get",
    path: "/jobs/{id}",
    does: "A job with what is worked at, and how each place stands",
    params: ofRecord,
    answer: json(wholeJobSchema),
    refusals: ["invalid-id", "job-not-found"],
  },
  {
    id: "saveJob",
    method: "put",
    path: "/jobs/{id}",
    does: "Opens a job, changes what is worked at, marks it done, takes it out of the lists or brings it back",
    params: ofRecord,
    query: writeSchema,
    body: jobInputSchema,
    answer: json(jobSchema),
    refusals: [...WRITES, "position-not-found"],
  },
  {
    id: "listOrders",
    method: "get",
    path: "/orders",
    does: "The orders that are kept, the last changed first, a page at a time",
    query: pageQuerySchema,
    answer: json(orderListSchema),
    refusals: ["invalid-query"],
  },
  {
    id: "readOrder",
    method: "get",
    path: "/orders/{id}",
    does: "An order with the positions that its lines are for",
    params: ofRecord,
    answer: json(wholeOrderSchema),
    refusals: ["invalid-id", "order-not-found"],
  },
  {
    id: "saveOrder",
    method: "put",
    path: "/orders/{id}",
    does: "Keeps an order, changes its lines, ticks them off, takes it out of the lists or brings it back",
    params: ofRecord,
    query: writeSchema,
    body: orderInputSchema,
    answer: json(orderSchema),
    refusals: WRITES,
  },
  {
    id: "printOrder",
    method: "get",
    path: "/orders/{id}/paper.pdf",
    does: "An order on paper",
    params: ofRecord,
    answer: { as: "pdf" },
    refusals: ["invalid-id", "order-not-found"],
  },
  {
    id: "askSupplier",
    method: "post",
    path: "/quotations",
    does: "Asks the supplier what each line costs, how it comes and when it is here; orders nothing",
    body: quotationRequestSchema,
    answer: json(quotationSchema),
    refusals: ["invalid-body", "no-supplier", "supplier-away", "supplier-nonsense"],
  },
  {
    id: "listRemoved",
    method: "get",
    path: "/removed",
    does: "Machines, positions, jobs and orders that were taken out of the lists, the last first, a page at a time",
    query: pageQuerySchema,
    answer: json(removedListSchema),
    refusals: ["invalid-query"],
  },
];
