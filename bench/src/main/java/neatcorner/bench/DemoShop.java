package neatcorner.bench;

import java.nio.file.Path;
import java.time.Clock;
import neatcorner.app.desk.Demo;

/** Writes a shop file with the demonstration in it. */
public final class DemoShop {
    private DemoShop() {
    }

    /** One argument: the file. */
    public static void main(String[] args) {
        Demo.store(Path.of(args[0]), Clock.systemUTC()).close();
    }
}
