package neatcorner.app;

import java.io.BufferedOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import neatcorner.app.cli.Commands;

/** Starts Neat Corner. */
public final class Main {
    private Main() {
    }

    /** Our texts are full of signs like × and −, whatever the terminal's language is set to. */
    private static PrintStream utf8(FileDescriptor to) {
        return new PrintStream(
                new BufferedOutputStream(new FileOutputStream(to)), to == FileDescriptor.err, StandardCharsets.UTF_8);
    }

    /** The command line; without a command the window opens on the maker's own shop. */
    public static void main(String[] args) {
        PrintStream out = utf8(FileDescriptor.out);
        System.setOut(out);
        System.setErr(utf8(FileDescriptor.err));
        int code = Commands.run(args);
        if (code != Commands.WINDOW_OPEN) {
            if (out.checkError() && code == 0) {
                System.err.println("neat-corner: the output could not be written");
                code = Commands.BAD_INPUT;
            }
            System.err.flush();
            System.exit(code);
        }
    }
}
