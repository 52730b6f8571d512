package looseknit.core.find;

/** What a sweep looks for. Called by several threads at once. */
interface SearchGoal {

    /** Penalty above which recipes of so many parts, or more, of so many materials are of no interest, looked up anew for each. */
    double limit(int[] support, int size, int parts);

    /** Most parts that recipes of so many materials may have to be of interest. */
    int mostParts(int[] support, int size, int most);

    /**
     * Takes a recipe whose bound lies within the limit.
     *
     * @param reader has read its pores, not its penalty
     */
    void take(CandidateReader reader, int[] support, int[] parts, int size, double limit);

    /** The best penalty so far, for whoever waits. */
    double best();
}
