package bemble.server;

import bemble.server.start.Command;
import io.swagger.v3.oas.annotations.OpenAPIDefinition;
import io.swagger.v3.oas.annotations.info.Info;
import io.swagger.v3.oas.annotations.servers.Server;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The Bemble server. */
@SpringBootApplication
@OpenAPIDefinition(info = @Info(title = "Bemble", version = "1"), servers = @Server(url = "/"))
public class App {
    public static void main(String[] args) {
        Command.run(App.class, args);
    }
}
