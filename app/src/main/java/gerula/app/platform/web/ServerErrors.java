package gerula.app.platform.web;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.TomcatContextCustomizer;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** What the server refuses before the application sees it is told like everything else. */
@Component
class ServerErrors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    TomcatContextCustomizer tellers =
        context -> {
          if (context.getParent() instanceof StandardHost host) {
            host.setErrorReportValveClass(Told.class.getName());
          }
        };
    factory.addContextCustomizers(tellers);
  }

  /** Made by the server, by its name. */
  public static final class Told extends ErrorReportValve {

    @Override
    protected void report(Request request, Response response, Throwable failure) {
      int status = response.getStatus();
      if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
        return;
      }
      try {
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response
            .getReporter()
            .write(
                """
                {"status":%d,"code":"not-an-address","detail":"There is no such address here. Nothing was done."}\
                """
                    .formatted(status));
        response.finishResponse();
      } catch (IOException | IllegalStateException gone) {
        // Whoever asked has left: there is nobody to tell.
        getContainer().getLogger().debug("An answer had nobody to go to.", gone);
      }
    }
  }
}
