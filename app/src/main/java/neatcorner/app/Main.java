package neatcorner.app;

import neatcorner.app.cli.Commands;

/** Starts Neat Corner. */
public final class Main {
    private Main() {
    }

    /** The command line; without a command the window opens on the maker's own shop. */
    public static void main(String[] args) {
        int code = Commands.run(args);
        if (code != Commands.WINDOW_OPEN) {
            System.exit(code);
        }
    }
}
