export { JobsScreen as default } from '../screens/jobs/JobsScreen';
