export { GET } from '../+server';
