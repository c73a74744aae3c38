/** The tables as Kysely sees them. Columns that hold JSON are text; times are ISO 8601 in UTC. */
export interface JobsTable {
  id: string;
  name: string;
  origin: string;
  created_at: string;
  updated_at: string;
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
}

export interface Tables {
  jobs: JobsTable;
  identifications: IdentificationsTable;
}
