import type { FormView } from '../form-view.js';
import { crumbView } from '../shared/crumb-view.js';

export const crispView: FormView = crumbView;
