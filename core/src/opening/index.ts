export * from './opening';
export * from './fromTape';
export * from './outline';
