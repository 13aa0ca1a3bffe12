import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type {
  Ack,
  Job,
  LearnedInstrument,
  ListedDevice,
  ListedJob,
  ListedVersion,
  Offcut,
  RemovedJob,
  StoredJob,
} from '@dormer/core/job/document';

/** What the server says when it refuses; `current` comes with a stale save. */
export interface ServerRefusal {
  readonly error: {
    readonly code: string;
    readonly message: string;
    readonly fields?: readonly { path: string; message: string }[];
  };
  readonly current?: StoredJob;
}

/** Who the server is, the jobs it has, and those that were removed from it. */
export interface JobListing {
  readonly server: string;
  readonly jobs: readonly ListedJob[];
  readonly removed: readonly RemovedJob[];
}

/** Where things are bought; a simulated one says so. */
export interface Supplier {
  readonly id: string;
  readonly name: string;
  readonly simulated: boolean;
}

/** What a supplier asks for things, and how many it has. */
export interface Quote {
  readonly supplier: Supplier;
  readonly quotes: readonly { item: string; price: number; left: number }[];
}

// A phone that has lost its signal may hang for minutes before it says so.
const TIMEOUT_MS = 10_000;

/** Where the app comes from. */
export const origin = typeof window !== 'undefined' && window.location ? window.location.origin : 'http://localhost';

/** Answers that decide nothing: the device is not let in, another server answers, or too much was asked. */
const UNDECIDED = [401, 421, 429];

/** Whether the server refused what was asked for good; asked again, the same will be refused again. */
export const isRefusal = (status: unknown): status is number =>
  typeof status === 'number' && status < 500 && !UNDECIDED.includes(status);

/** The server's interface (docs/http-api.md). */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({
    baseUrl: `${origin}/api`,
    timeout: TIMEOUT_MS,
    // The server that was met refuses what is meant for another one.
    prepareHeaders: (headers, { getState }) => {
      const { server } = (getState() as { records: { server: string | null } }).records;
      if (server) headers.set('dormer-server', server);
    },
  }),
  tagTypes: ['versions', 'jobs'],
  endpoints: (build) => ({
    listJobs: build.query<JobListing, void>({ query: () => '/jobs', providesTags: ['jobs'] }),
    getJob: build.query<StoredJob, string>({ query: (id) => `/jobs/${id}` }),
    listVersions: build.query<{ versions: ListedVersion[] }, string>({
      query: (id) => `/jobs/${id}/versions`,
      providesTags: ['versions'],
    }),
    getVersion: build.query<StoredJob, { id: string; version: number }>({
      query: ({ id, version }) => `/jobs/${id}/versions/${version}`,
    }),
    createJob: build.mutation<Ack, { job: Job; saveId: string }>({
      query: (body) => ({ url: '/jobs', method: 'POST', body }),
      invalidatesTags: ['versions'],
    }),
    saveJob: build.mutation<Ack, { job: Job; basedOn: number; saveId: string; aside?: Job }>({
      query: (body) => ({ url: `/jobs/${body.job.id}`, method: 'PUT', body }),
      invalidatesTags: ['versions'],
    }),
    removeJob: build.mutation<void, string>({ query: (id) => ({ url: `/jobs/${id}`, method: 'DELETE' }) }),
    getInstruments: build.query<{ instruments: LearnedInstrument[] }, string>({
      query: (except) => `/instruments?except=${except}`,
    }),
    listRack: build.query<{ pieces: Offcut[] }, void>({ query: () => '/rack' }),
    putOffcut: build.mutation<void, Offcut>({ query: (body) => ({ url: `/rack/${body.id}`, method: 'PUT', body }) }),
    removeOffcut: build.mutation<void, string>({ query: (id) => ({ url: `/rack/${id}`, method: 'DELETE' }) }),
    listSuppliers: build.query<{ suppliers: Supplier[] }, void>({ query: () => '/suppliers' }),
    quote: build.mutation<Quote, { supplier: string; items: readonly { item: string; price: number }[] }>({
      query: ({ supplier, items }) => ({ url: `/suppliers/${supplier}/quote`, method: 'POST', body: { items } }),
    }),
    listDevices: build.query<{ devices: ListedDevice[] }, void>({ query: () => '/devices' }),
    restoreJob: build.mutation<StoredJob, string>({
      query: (id) => ({ url: `/jobs/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['jobs'],
    }),
  }),
});

export const {
  useListJobsQuery,
  useListVersionsQuery,
  useLazyGetVersionQuery,
  useGetInstrumentsQuery,
  useListSuppliersQuery,
} = api;
