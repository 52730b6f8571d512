<#-- The libraries that the server ships, by license: names only. -->
<#function names licenses><#local all = []><#list licenses as each><#local all = all + [each]></#list><#return all?sort?join(" or ")></#function>
What the program is built on, with the licence of each; written by the build.

<#list dependencyMap as entry>
<#assign project = entry.getKey()>
${project.groupId}:${project.artifactId} ${project.version}: ${names(entry.getValue())}
</#list>
