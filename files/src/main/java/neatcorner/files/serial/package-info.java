/** Serial ports: what is plugged in, and what comes down its cable. */
@NullMarked
package neatcorner.files.serial;

import org.jspecify.annotations.NullMarked;
