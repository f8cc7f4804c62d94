import { BatchMade } from "./larder.ts";
import * as cook from "./cook.ts";
import * as larder from "./larder.ts";
import { ById } from "./quantities.ts";
import { PhotoSaved, SetPhoto } from "./recipes.ts";

/** What was made: recorded, looked at, compared, corrected, undone. */
export const batchEndpoints = {
  planMake: {
    summary: "Scale a recipe and fill it from stock",
    body: cook.PlanMake,
    reply: cook.MakePlan,
    status: 200,
  },
  finishMake: {
    summary: "Record what was made: draws the lots down and fills containers",
    body: cook.FinishMake,
    reply: BatchMade,
    status: 201,
    writes: true,
  },
  listBatches: {
    summary: "What was made, the newest first",
    query: larder.BatchesQuery,
    reply: larder.BatchList,
    status: 200,
  },
  getBatch: { summary: "A batch with its whole course", params: ById, reply: larder.BatchView, status: 200 },
  compareBatches: {
    summary: "Two batches beside each other",
    params: ById,
    query: larder.CompareBatches,
    reply: larder.BatchesCompared,
    status: 200,
  },
  changeBatchNotes: {
    summary: "Write down more about a batch",
    params: ById,
    body: larder.ChangeBatchNotes,
    reply: larder.BatchView,
    status: 201,
    writes: true,
  },
  undoBatch: {
    summary: "Take a batch back while nothing of it was taken: its lots get their grams back",
    params: ById,
    reply: larder.BatchUndone,
    status: 201,
    writes: true,
  },
  setBatchPhoto: {
    summary: "A picture of what was made",
    params: ById,
    body: SetPhoto,
    reply: PhotoSaved,
    status: 201,
    writes: true,
  },
  getBatchPhoto: {
    summary: "The picture of what was made",
    params: ById,
    reply: larder.BatchPhoto,
    status: 200,
    media: "image/*",
  },
} as const;
