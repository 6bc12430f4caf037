package neatcorner.core.practice;

import java.util.List;
import neatcorner.core.phrase.Words;

/** Something to be seen through. What it asks, shows and says comes from the core that plans. */
public interface Exercise {
    /** What is to be done. */
    Words task();

    /** What is known, a line each. */
    List<Words> facts();

    /** What is asked. */
    List<Ask> asks();

    /** Where to look, without the answer. */
    Words hint();

    /**
     * What it looks like.
     *
     * @param answers to every question the number of the option, or {@link Ask#OPEN}
     */
    Shown shown(List<Integer> answers);

    /**
     * What an answer is worth.
     *
     * @param answers to every question the number of the option
     * @throws IllegalArgumentException while a question is open
     */
    Judged judge(List<Integer> answers);

    /** Whether every question has an answer. */
    default boolean isAnswered(List<Integer> answers) {
        return answers.size() == asks().size() && !answers.contains(Ask.OPEN);
    }
}
