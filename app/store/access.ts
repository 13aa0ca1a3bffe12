import type { Access, PairedDevice, PairingCode } from '@dormer/core/job/document';
import type { Thunk } from './actions';
import { api, type ServerRefusal } from './api';

const accessApi = api.enhanceEndpoints({ addTagTypes: ['paired'] }).injectEndpoints({
  endpoints: (build) => ({
    getAccess: build.query<Access, void>({ query: () => '/access' }),
    pairDevice: build.mutation<{ device: PairedDevice }, { code: string; name: string }>({
      query: (body) => ({ url: '/access/pair', method: 'POST', body }),
    }),
    makeCode: build.mutation<PairingCode, void>({ query: () => ({ url: '/access/codes', method: 'POST' }) }),
    listPaired: build.query<{ devices: PairedDevice[] }, void>({
      query: () => '/access/devices',
      providesTags: ['paired'],
    }),
    renamePaired: build.mutation<void, { id: string; name: string }>({
      query: ({ id, name }) => ({ url: `/access/devices/${id}`, method: 'PUT', body: { name } }),
      invalidatesTags: ['paired'],
    }),
    removePaired: build.mutation<void, string>({
      query: (id) => ({ url: `/access/devices/${id}`, method: 'DELETE' }),
      invalidatesTags: ['paired'],
    }),
  }),
});

export const {
  useGetAccessQuery,
  useMakeCodeMutation,
  useListPairedQuery,
  useRenamePairedMutation,
  useRemovePairedMutation,
} = accessApi;

/** How a try to pair this device ended; `refused` has the server's reason. */
export type Paired = { readonly kind: 'paired' | 'unreached' } | { readonly kind: 'refused'; readonly reason: string };

/** Pairs this device by a code, then brings its jobs and the server's together. */
export const pairDevice =
  (code: string, name: string): Thunk<Promise<Paired>> =>
  async (dispatch, _getState, { sync }) => {
    const answer = await dispatch(accessApi.endpoints.pairDevice.initiate({ code, name }));
    if (answer.data) {
      await sync().now();
      return { kind: 'paired' };
    }
    const refusal =
      answer.error && 'data' in answer.error ? (answer.error.data as ServerRefusal | undefined) : undefined;
    return refusal ? { kind: 'refused', reason: refusal.error.message } : { kind: 'unreached' };
  };
