import { Router } from 'express';
import { z } from 'zod';
import { readBody } from '../http/body';
import { HttpError } from '../http/errors';
import type { Supplier } from '../stand-ins/suppliers';
import { say } from '../words';

const quoteBody = z.strictObject({
  items: z
    .array(z.strictObject({ item: z.string().min(1).max(120), price: z.number().min(0).max(1_000_000) }))
    .max(600),
});

/** Suppliers: which there are, and what one asks for some things. */
export function supplierRoutes(suppliers: readonly Supplier[]): Router {
  const router = Router();
  router.get('/', (_request, response) => {
    response.json({ suppliers: suppliers.map(({ id, name, simulated }) => ({ id, name, simulated })) });
  });
  router.post('/:id/quote', async (request, response) => {
    const supplier = suppliers.find((one) => one.id === request.params.id);
    if (!supplier) throw new HttpError(404, 'no-such-supplier', say('http.noSuchSupplier'));
    const { items } = readBody(quoteBody, request.body);
    const { id, name, simulated } = supplier;
    response.json({ supplier: { id, name, simulated }, quotes: await supplier.quote(items) });
  });
  return router;
}
