// Everything there is to say, from the beginning.
import './rest';

export * from './first';
