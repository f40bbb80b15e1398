/** Stands for what only the build knows: looks, and addresses of workers. */
export default '';
