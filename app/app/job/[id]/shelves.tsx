export { ShelvesScreen as default } from '../../../screens/shelves/ShelvesScreen';
