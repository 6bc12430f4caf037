package neatcorner.core.card;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.core.work.Act;

/**
 * What stands on a printed card for a reader of codes: which job it is of, and which act.
 *
 * @param job what the shop calls the job, or how that begins
 * @param act what tells the act from all others of its job
 */
public record CardCode(String job, String act) {
    /** What a code begins with. No key of the bench is a {@value}, so what is read there does nothing else. */
    public static final String BEGINS = "#";
    private static final String PREFIX = BEGINS + "neat-corner:card:";
    /** So much of a job's name tells it from millions of others, and keeps the code coarse enough to be read. */
    private static final int ENOUGH = 8;
    private static final Pattern CODE = Pattern.compile(PREFIX + "(?<job>[^:\\s]{1,36}):(?<act>[0-9a-f]{8})");

    /** Of an act of a job. */
    public static CardCode of(String job, Act act) {
        return new CardCode(job.length() > ENOUGH ? job.substring(0, ENOUGH) : job, name(act));
    }

    /** Reads one; empty for any other text. */
    public static Optional<CardCode> read(String text) {
        Matcher matcher = CODE.matcher(text.strip());
        return matcher.matches()
                ? Optional.of(new CardCode(matcher.group("job"), matcher.group("act")))
                : Optional.empty();
    }

    /** As it is printed. */
    public String text() {
        return PREFIX + job + ":" + act;
    }

    /** Whether it is of this act. */
    public boolean isOf(Act other) {
        return name(other).equals(act);
    }

    /** Printed cards outlive a version of the program: made of names that are kept in logs, too. */
    private static String name(Act act) {
        String whole = switch (act) {
            case Act.Saw saw ->
                String.join("|", saw.part(), saw.piece().toString(), String.valueOf(saw.right()), saw.again() + "");
            case Act.Size size -> String.join("|", size.part(), size.size());
            case Act.Step step -> String.join("|", step.part(), step.station().name(), step.what(), step.nth() + "");
        };
        return String.format("%08x", whole.hashCode());
    }
}
