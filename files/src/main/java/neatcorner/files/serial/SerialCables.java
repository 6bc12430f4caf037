package neatcorner.files.serial;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortDataListener;
import com.fazecast.jSerialComm.SerialPortEvent;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Serial ports, at 9600 baud, eight bits, no parity, one stop bit. */
final class SerialCables implements Cables {
    private static final int BAUD = 9600;
    private static final int BITS = 8;

    @Override
    public List<String> names() {
        return Stream.of(SerialPort.getCommPorts())
                .map(SerialPort::getSystemPortPath)
                .sorted()
                .toList();
    }

    @Override
    public Cable open(String name, Consumer<String> heard, Runnable lost) {
        SerialPort port;
        try {
            port = SerialPort.getCommPort(name);
        } catch (SerialPortInvalidPortException none) {
            throw new CableException(name + " is no port");
        }
        port.setComPortParameters(BAUD, BITS, SerialPort.ONE_STOP_BIT, SerialPort.NO_PARITY);
        if (!port.openPort()) {
            throw new CableException(name + ": error " + port.getLastErrorCode());
        }
        port.addDataListener(new Ear(heard, lost));
        return () -> {
            port.removeDataListener();
            port.closePort();
        };
    }

    /** Hands on what comes. */
    private record Ear(Consumer<String> heard, Runnable lost) implements SerialPortDataListener {
        @Override
        public int getListeningEvents() {
            return SerialPort.LISTENING_EVENT_DATA_RECEIVED | SerialPort.LISTENING_EVENT_PORT_DISCONNECTED;
        }

        @Override
        public void serialEvent(SerialPortEvent event) {
            if (event.getEventType() == SerialPort.LISTENING_EVENT_PORT_DISCONNECTED) {
                event.getSerialPort().closePort();
                lost.run();
            } else {
                heard.accept(new String(event.getReceivedData(), StandardCharsets.US_ASCII));
            }
        }
    }
}
