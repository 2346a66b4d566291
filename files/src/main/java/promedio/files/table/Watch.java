package promedio.files.table;

/** Follows the reading of a file, on the thread that reads. */
public interface Watch {
    /** Nobody follows. */
    Watch NOBODY = new Watch() {
        @Override
        public void at(long done, long all) {
            // Nobody follows.
        }

        @Override
        public boolean isStopped() {
            return false;
        }
    };

    /** So many bytes are read of so many; of all that there are, −1 where that is not known. */
    void at(long done, long all);

    /** Whether to stop reading. */
    boolean isStopped();
}
