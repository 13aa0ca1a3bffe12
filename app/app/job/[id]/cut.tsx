export { CutScreen as default } from '../../../screens/cut/CutScreen';
