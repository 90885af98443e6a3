export { packJobFile, readJobFile, type JobFile } from './zip';
export { jobDocumentSchema, readJobDocument, toJobDocument, type JobDocument } from './document';
