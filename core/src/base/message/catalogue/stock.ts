import type { Count, Inner, Length, None, Text } from '../kinds';

/** Stock, cutting and shopping: codes with their parameters. */
export interface StockMessages {
  // What is bought, and what is cut from it
  'stock.board': None;
  'stock.timber': None;
  'stock.strip': None;
  'stock.sheet': None;
  'stock.rod': None;
  'stock.tube': None;
  'stock.size': { thick: Length; wide: Length };
  'stock.own': { name: Text };
  'stock.offcut': { material: Inner; note: Text };
  'stock.nominal': { nominal: Text; form: Inner; material: Inner };
  'stock.section': { form: Inner; material: Inner; thick: Length; wide: Length };
  'stock.sheetOf': { form: Inner; material: Inner; thick: Length };
  'list.length': { mm: Length };
  'list.and': { first: Inner; then: Inner };
  'saw.shopRip': { setting: Length };
  'saw.shopCross': { setting: Length };
  'saw.square': { setting: Length };
  'saw.squareHand': { setting: Length };
  'saw.edge': { setting: Length };
  'saw.edges': { setting: Length };
  'saw.rip': { setting: Length };
  'saw.cross': { setting: Length };
  'saw.ripHand': { setting: Length };
  'saw.crossHand': { setting: Length };
  'stock.of.pine': None;
  'stock.of.spruce': None;
  'stock.of.hardwood': None;
  'stock.of.birch-ply': None;
  'stock.of.softwood-ply': None;
  'stock.of.osb': None;
  'stock.of.chipboard': None;
  'stock.of.mdf': None;
  'buy.each': None;
  'buy.pack': { count: Count };
  'buy.tin': { size: Text };
  'buy.board': { item: Inner; long: Length };
  'buy.sheet': { item: Inner; long: Length; wide: Length };
  'buy.glue': None;
  'buy.sand': { grade: Text };
  'buy.filler': None;
  'buy.caulk': None;
  'buy.primer': None;
  'buy.paint': None;
  'buy.conditioner': None;
  'buy.shims': None;
  'buy.shelfPins': None;
  'buy.stain': None;
  'buy.clear': None;
  'buy.oil': None;
  'buy.veneer': None;
  'buy.roll': { metres: Count };
  'saw.ripTwice': { setting: Length; over: Length };
}
