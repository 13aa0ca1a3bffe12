export { broomCloset } from './broomCloset';
export { cardLibrary } from './cardLibrary';
export { costumeCloset } from './costumeCloset';
export { deepShelves } from './deepShelves';
export { groovedRecess } from './groovedRecess';
export { pictureNiche } from './pictureNiche';
export { plankBookcase } from './plankBookcase';
export { washroomCloset } from './washroomCloset';
