import type { Generated } from "kysely";

/** The tables as Kysely sees them. Columns that hold JSON are text; times are ISO 8601 in UTC. */
export interface JobsTable {
  id: string;
  name: string;
  origin: string;
  created_at: string;
  updated_at: string;
  /** Counted up by every change. */
  version: Generated<number>;
  /** The device that wrote it last; empty where none was named. */
  device: Generated<string>;
  /** 1 for what was taken out of the lists. */
  removed: Generated<number>;
}

export interface IdentificationsTable {
  id: string;
  job_id: string;
  position: string;
  readings: string;
  options: string;
  notes: string;
  replacement: string | null;
  result: string;
  taken_at: string;
  created_at: string;
  updated_at: string;
  version: Generated<number>;
  device: Generated<string>;
  /** 1 for what was taken out of the lists. */
  removed: Generated<number>;
  /** JSON list of texts that could not be read when the row was last written: nothing stored is dropped. */
  set_aside: Generated<string>;
}

export interface RepairsTable {
  id: string;
  job_id: string;
  position: string;
  /** JSON of what was done of it. */
  record: string;
  taken_at: string;
  created_at: string;
  updated_at: string;
  version: Generated<number>;
  device: Generated<string>;
  /** 1 for what was taken out of the lists. */
  removed: Generated<number>;
  set_aside: Generated<string>;
}

/** Words that the workshop has taught the readers of call-outs. */
export interface OwnWordsTable {
  id: string;
  word: string;
  /** JSON of what it means. */
  means: string;
  created_at: string;
  updated_at: string;
  version: Generated<number>;
  device: Generated<string>;
  /** 1 for what was taken out. */
  removed: Generated<number>;
}

export interface Tables {
  jobs: JobsTable;
  identifications: IdentificationsTable;
  repairs: RepairsTable;
  own_words: OwnWordsTable;
}
