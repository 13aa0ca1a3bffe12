export { LostScreen as default } from '../screens/lost/LostScreen';
