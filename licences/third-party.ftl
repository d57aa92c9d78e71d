Libraries that Finish ships, and the licence of each.

<#list dependencyMap as entry>
<#assign project = entry.getKey()/>
<#assign licenses = entry.getValue()/>
${project.groupId}:${project.artifactId} ${project.version}: <#list licenses as license>${license}<#if license_has_next>; </#if></#list>
</#list>
